package humblequill.server.backup;

import humblequill.server.data.DataFolder;
import humblequill.server.settings.SettingsService;
import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Copies the database once a day while it is in use, and keeps the copies of fourteen days. */
@Component
class DailyCopy {
  static final int DAYS_KEPT = 14;

  private static final Logger log = LoggerFactory.getLogger(DailyCopy.class);

  private final DataFolder folder;
  private final JdbcTemplate jdbc;
  private final SettingsService settings;

  DailyCopy(DataFolder folder, JdbcTemplate jdbc, SettingsService settings) {
    this.folder = folder;
    this.jdbc = jdbc;
    this.settings = settings;
  }

  @Scheduled(initialDelay = 3, fixedDelay = 600, timeUnit = TimeUnit.SECONDS)
  void copyIfDue() {
    try {
      copy(settings.learner().today());
    } catch (IOException | RuntimeException e) {
      log.warn("Today's copy of the database could not be made", e);
    }
  }

  /** Makes the copy of a day unless it is there, and drops those that are too old. */
  void copy(LocalDate today) throws IOException {
    var target = Copies.file(folder, today);
    if (!Files.exists(target)) {
      Files.createDirectories(folder.copies());
      var unfinished = folder.copies().resolve("unfinished.zip");
      Files.deleteIfExists(unfinished);
      jdbc.execute("BACKUP TO " + quoted(unfinished));
      addScript(unfinished);
      Files.move(unfinished, target, StandardCopyOption.ATOMIC_MOVE);
    }
    dropOld(today);
  }

  private void addScript(Path zip) throws IOException {
    var script = folder.copies().resolve("unfinished.sql");
    try {
      jdbc.execute("SCRIPT DROP TO " + quoted(script) + " CHARSET 'UTF-8'");
      try (var files = FileSystems.newFileSystem(zip)) {
        Files.copy(script, files.getPath(Copies.SCRIPT));
      }
    } finally {
      Files.deleteIfExists(script);
    }
  }

  private static String quoted(Path path) {
    return "'" + path.toString().replace("'", "''") + "'";
  }

  private void dropOld(LocalDate today) throws IOException {
    for (var day : Copies.days(folder)) {
      if (day.isBefore(today.minusDays(DAYS_KEPT - 1L))) {
        Path old = Copies.file(folder, day);
        Files.deleteIfExists(old);
      }
    }
  }
}
