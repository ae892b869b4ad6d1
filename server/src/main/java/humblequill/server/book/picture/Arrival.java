package humblequill.server.book.picture;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.SafeFiles;
import jakarta.annotation.PostConstruct;
import java.awt.Dimension;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Takes a picture in: it is written beside the others, looked at to its end, and only then given
 * its name. Whatever fails before leaves nothing behind.
 */
@Component
class Arrival {
  /** The largest picture in bytes. */
  static final long MOST_BYTES = 100L * 1024 * 1024;

  private static final String COMING = "coming";

  private final DataFolder folder;
  private final Disk disk;

  Arrival(DataFolder folder, Disk disk) {
    this.folder = folder;
    this.disk = disk;
  }

  /** A picture that came whole and was looked at; it has no name of its own yet. */
  record Arrived(
      Path file, PictureType type, String sha256, long bytes, Dimension size, CameraFacts camera) {}

  /**
   * Receives a picture.
   *
   * @param told how many bytes will come; below 0 when nobody told
   * @throws PictureReader.NoPicture if it is none that can be shown
   * @throws humblequill.server.ground.data.NotKept if the disk has no room for it
   */
  Arrived receive(InputStream in, long told) throws IOException {
    if (told > MOST_BYTES) {
      throw tooLarge();
    }
    disk.mustKeep(Math.max(0, told));
    var file = Files.createDirectories(folder.pictures().resolve(COMING)).resolve(name());
    try {
      return look(file, write(in, file));
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      if (!(e instanceof PictureReader.NoPicture)) {
        disk.failed(e)
            .ifPresent(
                notKept -> {
                  throw notKept;
                });
      }
      throw e;
    }
  }

  private static String name() {
    return UUID.randomUUID().toString();
  }

  private static PictureReader.NoPicture tooLarge() {
    return new PictureReader.NoPicture(
        Message.of("book.fileTooLarge", "megabytes", MOST_BYTES / 1024 / 1024));
  }

  private static String write(InputStream in, Path file) throws IOException {
    var digest = sha256();
    try (var out = new DigestOutputStream(Files.newOutputStream(file), digest)) {
      var buffer = new byte[1 << 16];
      long written = 0;
      for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
        written += n;
        if (written > MOST_BYTES) {
          throw tooLarge();
        }
        out.write(buffer, 0, n);
      }
    }
    return HexFormat.of().formatHex(digest.digest());
  }

  private static Arrived look(Path file, String sha256) throws IOException {
    PictureType type;
    try (var in = Files.newInputStream(file)) {
      var first = new byte[PictureType.TOLD_BY];
      int got = in.readNBytes(first, 0, first.length);
      type = PictureType.of(Arrays.copyOf(first, got));
    }
    Dimension size;
    try {
      size = PictureReader.read(file);
    } catch (PictureReader.NoPicture e) {
      throw e;
    } catch (IOException e) {
      throw new PictureReader.NoPicture(Message.of("book.pictureDamagedOrCut"));
    }
    SafeFiles.force(file);
    return new Arrived(file, type, sha256, Files.size(file), size, CameraFacts.of(file));
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }

  /** Puts an arrived picture under a readable name of its own. */
  void settle(Arrived arrived, String name) throws IOException {
    var target = folder.path().resolve(name);
    Files.createDirectories(target.getParent());
    SafeFiles.move(arrived.file(), target);
  }

  /** Throws an arrived picture away. */
  void drop(Arrived arrived) throws IOException {
    Files.deleteIfExists(arrived.file());
  }

  /** Clears away, before anything can arrive, what a killed run had not taken in whole. */
  @PostConstruct
  void clear() {
    try {
      SafeFiles.remove(folder.pictures().resolve(COMING));
    } catch (IOException e) {
      // What is left takes room and nothing else.
    }
  }
}
