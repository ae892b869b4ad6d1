package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.data.Schema;
import humblequill.server.ground.migration.NamesAndStoredForms;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Locale;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty folder with everything that was taken out elsewhere. */
public final class Import {
  private static final int LARGEST_COURSE = 4 * 1024 * 1024;
  private static final long LARGEST_PICTURE = 101L * 1024 * 1024;

  /** Room in bytes that stays free beside the pictures, for the database and what comes after. */
  private static final long ROOM = 64L * 1024 * 1024;

  private static final Pattern PICTURE = Pattern.compile("pictures/\\d{4}/[^/\\\\]{1,200}");
  private static final Pattern COURSE = Pattern.compile("courses/[^/\\\\]{1,200}");
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final DataFolder folder;
  private final Swap swap;

  private Import(DataFolder folder) {
    this.folder = folder;
    this.swap = new Swap(folder);
  }

  /**
   * Imports.
   *
   * @param folder taken by this run
   * @param file the ZIP that was taken out
   * @return exit code: 0 when done, 2 when it could not be done and nothing was changed
   */
  public static int run(DataFolder folder, Path file, PrintStream out) {
    var importing = new Import(folder);
    try {
      importing.swap.finish();
      if (Files.exists(folder.databaseFile()) || Files.exists(folder.about())) {
        out.println(
            folder.path()
                + " holds drawings already. Everything goes into an empty folder only; choose one with --data.");
        return 2;
      }
      long entries = importing.makeReady(file);
      importing.swap.swap("import");
      SafeFiles.remove(folder.path().resolve("before-restore-import"));
      out.println(
          "Brought in "
              + Contents.inWords(entries)
              + " and all that goes with that. Start with: ./quill run --data "
              + folder.path());
      return 0;
    } catch (ZipException | UncheckedIOException | IllegalArgumentException e) {
      out.println(
          file
              + " could not be brought in: it is no ZIP file that can be read whole. Nothing was changed.");
    } catch (IOException e) {
      out.println(file + " could not be brought in: " + e.getMessage() + ". Nothing was changed.");
    } catch (SQLException | FlywayException e) {
      out.println(
          file + " could not be brought in: it does not fit together. Nothing was changed.");
    }
    importing.clear();
    return 2;
  }

  private void clear() {
    try {
      swap.finish();
    } catch (IOException e) {
      // The next start clears it away.
    }
  }

  private long makeReady(Path file) throws IOException, SQLException {
    if (!Files.isRegularFile(file)) {
      throw new IOException("there is no such file");
    }
    try (var zip = new ZipFile(file.toFile())) {
      var manifest = manifest(zip);
      var ready = Files.createDirectories(swap.ready());
      Files.createDirectories(ready.resolve("courses"));
      courses(zip, ready);
      pictures(zip, ready);
      var url = Database.url(ready.resolve("quill"));
      migrate(url, Integer.toString(manifest.schema()));
      try (var connection = DriverManager.getConnection(url, "sa", "")) {
        fill(connection, zip, manifest);
      }
      migrate(url, Integer.toString(Schema.VERSION));
      try (var connection = DriverManager.getConnection(url, "sa", "");
          var statement = connection.createStatement()) {
        var contents = Contents.of(connection);
        statement.execute("SHUTDOWN COMPACT");
        return contents.entries();
      }
    }
  }

  private static Whole.Manifest manifest(ZipFile zip) throws IOException {
    var entry = zip.getEntry(Whole.MANIFEST);
    if (entry == null) {
      throw new IOException(
          "it is not what Humble Quill takes out, since it has no " + Whole.MANIFEST);
    }
    try (var in = zip.getInputStream(entry)) {
      var manifest = JSON.readValue(in.readNBytes(1 << 20), Whole.Manifest.class);
      if (manifest.format() != 1 || manifest.schema() > Schema.VERSION || manifest.schema() < 1) {
        throw new IOException("it was taken out by a newer Humble Quill; bring it into that one");
      }
      return manifest;
    } catch (JacksonException e) {
      throw new IOException(Whole.MANIFEST + " in it cannot be read", e);
    }
  }

  private static void migrate(String url, String version) {
    Flyway.configure()
        .dataSource(url, "sa", "")
        .locations("classpath:db/migration")
        .javaMigrations(new NamesAndStoredForms())
        .target(version)
        .load()
        .migrate();
  }

  private static void fill(Connection connection, ZipFile zip, Whole.Manifest manifest)
      throws SQLException, IOException {
    connection.setAutoCommit(false);
    var names = Tables.names(connection);
    try (var statement = connection.createStatement()) {
      for (int i = names.size() - 1; i >= 0; i--) {
        statement.executeUpdate("delete from " + names.get(i));
      }
    }
    var found = new TreeMap<String, Long>();
    for (var table : names) {
      var name = table.toLowerCase(Locale.ROOT);
      var entry = zip.getEntry(Whole.TABLES + name + ".csv");
      if (entry == null) {
        throw new IOException("it has no " + Whole.TABLES + name + ".csv");
      }
      try (var in = new InputStreamReader(zip.getInputStream(entry), StandardCharsets.UTF_8)) {
        found.put(name, Tables.read(connection, table, in));
      }
    }
    for (var told : manifest.rows().entrySet()) {
      if (!told.getValue().equals(found.get(told.getKey()))) {
        throw new IOException(
            told.getKey()
                + " should have "
                + told.getValue()
                + " rows and has "
                + found.getOrDefault(told.getKey(), 0L)
                + "; change "
                + Whole.MANIFEST
                + " too if you meant that");
      }
    }
    connection.commit();
  }

  /** One after the other, so that memory stays small however many there are. */
  private static void pictures(ZipFile zip, Path ready) throws IOException {
    for (var entry : (Iterable<ZipEntry>) zip.stream().map(e -> (ZipEntry) e)::iterator) {
      if (!PICTURE.matcher(entry.getName()).matches()) {
        continue;
      }
      var target = ready.resolve(entry.getName());
      Files.createDirectories(target.getParent());
      try (var in = zip.getInputStream(entry);
          var out = Files.newOutputStream(target)) {
        var buffer = new byte[1 << 16];
        long written = 0;
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
          written += n;
          if (written > LARGEST_PICTURE) {
            throw new IOException(entry.getName() + " in it is larger than 100 MB");
          }
          out.write(buffer, 0, n);
        }
      }
      if (Files.getFileStore(ready).getUsableSpace() < ROOM) {
        throw new IOException("the disk is full; its pictures need more room");
      }
    }
  }

  private static void courses(ZipFile zip, Path ready) throws IOException {
    for (var entry : (Iterable<ZipEntry>) zip.stream().map(e -> (ZipEntry) e)::iterator) {
      if (!COURSE.matcher(entry.getName()).matches()) {
        continue;
      }
      try (var in = zip.getInputStream(entry)) {
        var bytes = in.readNBytes(LARGEST_COURSE + 1);
        if (bytes.length > LARGEST_COURSE) {
          throw new IOException(entry.getName() + " in it is larger than 4 MB");
        }
        Files.write(ready.resolve(entry.getName()), bytes);
      }
    }
  }
}
