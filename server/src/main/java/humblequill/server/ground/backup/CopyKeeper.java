package humblequill.server.ground.backup;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.Commits;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.NotKept;
import humblequill.server.ground.settings.SettingsService;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Makes a copy once a day while the program is in use, brings it to the second place, verifies all
 * copies again and deletes those that no generation keeps. See docs/decisions/copies.md.
 */
@Service
public class CopyKeeper {
  private static final Logger log = LoggerFactory.getLogger(CopyKeeper.class);

  private final DataFolder folder;
  private final Disk disk;
  private final SettingsService settings;
  private final CopyMaker maker;
  private final SecondPlace second;
  private volatile @Nullable Trouble trouble;
  private volatile @Nullable Trouble secondTrouble;
  private volatile List<CopiesView.Damaged> damaged = List.of();
  private @Nullable LocalDate lookedOn;

  CopyKeeper(
      DataFolder folder, Disk disk, DataSource source, Commits commits, SettingsService settings) {
    this.folder = folder;
    this.disk = disk;
    this.settings = settings;
    this.maker = new CopyMaker(folder, source, commits);
    this.second = new SecondPlace(folder);
  }

  /**
   * Why the last try did not succeed.
   *
   * @param at when that was
   * @param reason why
   */
  public record Trouble(LocalDateTime at, Message reason) {}

  /**
   * What Today says of the copies.
   *
   * @param newest day of the newest copy; null if there is none
   * @param reason why there is none of today
   */
  public record Behind(@Nullable LocalDate newest, Message reason) {}

  @Scheduled(initialDelay = 3, fixedDelay = 600, timeUnit = TimeUnit.SECONDS)
  void copyIfDue() {
    var now = now();
    try {
      lookAtAllOnceADay(now);
      boolean due = newest().filter(c -> c.at().toLocalDate().equals(now.toLocalDate())).isEmpty();
      if (due) {
        make(now);
      } else {
        bringToSecondPlace(now, Copies.in(folder.copies()));
      }
    } catch (IOException | RuntimeException e) {
      failed(now, e);
    }
  }

  /** Makes a copy now, whether or not one is due. */
  void makeNow() {
    make(now());
  }

  private synchronized void make(LocalDateTime now) {
    try {
      disk.mustKeep(3 * Files.size(folder.databaseFile()));
      maker.make(now);
      trouble = null;
      lookAtAllOnceADay(now);
      var copies = Copies.dropOld(Copies.in(folder.copies()), this::good);
      bringToSecondPlace(now, copies);
    } catch (IOException | SQLException | RuntimeException e) {
      failed(now, e);
    }
  }

  /** What was read whole today is not read again with each copy that joins it. */
  private synchronized void lookAtAllOnceADay(LocalDateTime now) throws IOException {
    if (now.toLocalDate().equals(lookedOn)) {
      return;
    }
    var found = new ArrayList<CopiesView.Damaged>();
    for (var copy : Copies.in(folder.copies())) {
      var damage = CopyFile.damage(copy.file());
      if (damage != null) {
        found.add(new CopiesView.Damaged(copy.file().getFileName().toString(), damage));
      }
    }
    damaged = List.copyOf(found);
    lookedOn = now.toLocalDate();
  }

  private boolean good(Copies.Copy copy) {
    var name = copy.file().getFileName().toString();
    return damaged.stream().noneMatch(d -> d.file().equals(name));
  }

  private void bringToSecondPlace(LocalDateTime now, List<Copies.Copy> copies) {
    try {
      second.bring(copies, this::good);
      secondTrouble = null;
    } catch (IOException | RuntimeException e) {
      log.warn("The copies could not be brought to the second place: {}", e.toString());
      secondTrouble = new Trouble(now, reason(e));
    }
  }

  private void failed(LocalDateTime now, Exception e) {
    log.warn("A copy could not be made: {}", e.toString());
    trouble = new Trouble(now, reason(e));
  }

  private static Message reason(Exception e) {
    if (e instanceof NotKept notKept) {
      return notKept.reason();
    }
    if (e instanceof FileSystemException file) {
      return Message.of("ground.copyRefused", "file", file.getFile());
    }
    return isOfTheDisk(e)
        ? Message.of("ground.copyFailed")
        : Message.of("ground.databaseUnreadable");
  }

  /** The database tells of a disk that fails in words of its own, with the failure behind them. */
  private static boolean isOfTheDisk(Throwable e) {
    return e instanceof IOException || e.getCause() != null && isOfTheDisk(e.getCause());
  }

  /** Names the second place, or none, and brings the copies there. */
  void nameSecondPlace(String path) {
    second.name(path);
    try {
      bringToSecondPlace(now(), Copies.in(folder.copies()));
    } catch (IOException e) {
      secondTrouble = new Trouble(now(), reason(e));
    }
  }

  /** What there is to tell on the day after a copy failed, and until one is made. */
  public Optional<Behind> behind(LocalDate today) {
    var failed = trouble;
    if (failed == null) {
      return Optional.empty();
    }
    var newest = newest().map(c -> c.at().toLocalDate());
    return newest.isPresent() && !newest.get().isBefore(today)
        ? Optional.empty()
        : Optional.of(new Behind(newest.orElse(null), failed.reason()));
  }

  private Optional<Copies.Copy> newest() {
    try {
      return Copies.in(folder.copies()).stream().filter(this::good).reduce((a, b) -> b);
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  CopiesView view() {
    var copies = List.<Copies.Copy>of();
    try {
      copies = Copies.in(folder.copies());
    } catch (IOException e) {
      log.warn("The copies cannot be listed", e);
    }
    var good = copies.stream().filter(this::good).toList();
    return new CopiesView(
        folder.copies().toString(),
        good.size(),
        good.isEmpty() ? null : good.get(0).at(),
        good.isEmpty() ? null : told(good.get(good.size() - 1)),
        damaged,
        trouble,
        second.named().map(this::secondPlace).orElse(null),
        disk.refusal().map(NotKept::reason).orElse(null));
  }

  private static CopiesView.@Nullable Newest told(Copies.Copy copy) {
    try {
      var manifest = CopyFile.manifest(copy.file());
      return new CopiesView.Newest(
          copy.at(),
          copy.bytes(),
          manifest.map(m -> m.contents().entries()).orElse(null),
          manifest.isPresent());
    } catch (IOException e) {
      return null;
    }
  }

  private CopiesView.Second secondPlace(java.nio.file.Path place) {
    var there = second.copies();
    LocalDateTime newest = null;
    if (there.isPresent()) {
      try {
        newest =
            Copies.in(there.get()).stream().reduce((a, b) -> b).map(Copies.Copy::at).orElse(null);
      } catch (IOException e) {
        log.warn("The copies of the second place cannot be listed", e);
      }
    }
    var failed = secondTrouble;
    return new CopiesView.Second(
        place.toString(), there.isPresent(), newest, failed == null ? null : failed.reason());
  }

  private LocalDateTime now() {
    var learner = settings.learner();
    return LocalDateTime.ofInstant(learner.now(), learner.clock().zone())
        .truncatedTo(ChronoUnit.MINUTES);
  }
}
