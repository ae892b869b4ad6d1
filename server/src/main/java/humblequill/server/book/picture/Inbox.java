package humblequill.server.book.picture;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.message.StoredMessage;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The folder in which a phone's pictures arrive. They are copied from it into the tray; the folder
 * itself is only read. Each file is taken in once, until it is another one.
 */
@Service
public class Inbox {
  private static final int LONGEST_REASON = 400;
  private static final Set<String> ENDINGS =
      Set.of("jpg", "jpeg", "png", "webp", "heic", "heif", "avif");
  private static final int DEEPEST = 6;
  private static final int MOST = 20_000;
  private static final int MOST_TOLD = 100;

  /** Files younger than this may still be on their way; some tell times to come, and are whole. */
  private static final Duration ARRIVING = Duration.ofSeconds(3);

  /** Pictures taken in at one asking, so that the learner sees how far it is and can stop. */
  static final int AT_ONCE = 8;

  private final InboxRepository folders;
  private final InboxFileRepository files;
  private final PagePictures pictures;
  private final DataFolder data;
  private final TransactionTemplate transactions;
  private final Clock clock;

  Inbox(
      InboxRepository folders,
      InboxFileRepository files,
      PagePictures pictures,
      DataFolder data,
      TransactionTemplate transactions,
      Clock clock) {
    this.folders = folders;
    this.files = files;
    this.pictures = pictures;
    this.data = data;
    this.transactions = transactions;
    this.clock = clock;
  }

  /**
   * The folder as it stands.
   *
   * @param path empty without one
   * @param gone whether it cannot be read now
   * @param taken how many pictures were taken in just now
   * @param left how many still wait in the folder
   * @param refused files that cannot be taken in, each with the reason
   */
  public record InboxView(
      String path, boolean gone, int taken, int left, List<RefusedFile> refused) {}

  /** A file that cannot be taken in; the message names it. */
  public record RefusedFile(String path, Message why) {}

  private record Found(Path file, String path, long bytes, long changedAt) {
    boolean is(InboxFileEntity known) {
      return bytes == known.bytes && changedAt == known.changedAt;
    }
  }

  /** As it stands; nothing is taken in. */
  public InboxView read() {
    var path = path();
    if (path.isEmpty()) {
      return new InboxView("", false, 0, 0, List.of());
    }
    try {
      var all = all(Path.of(path));
      return view(path, all, 0, fresh(all).size());
    } catch (IOException e) {
      return new InboxView(path, true, 0, 0, List.of());
    }
  }

  private String path() {
    return folders.findById(InboxEntity.ONLY).map(f -> f.path).orElse("");
  }

  /** What was refused is told as long as it lies there. */
  private InboxView view(String path, List<Found> all, int taken, int left) {
    var there = all.stream().map(Found::path).collect(Collectors.toSet());
    var refused =
        files.findByRefusedNotOrderByPathAsc("").stream()
            .filter(f -> there.contains(f.path))
            .limit(MOST_TOLD)
            .map(f -> new RefusedFile(f.path, StoredMessage.read(f.refused)))
            .toList();
    return new InboxView(path, false, taken, left, refused);
  }

  /**
   * Chooses a folder, or none with an empty path.
   *
   * @param those whether pictures that lie in it already are to be taken in as well
   */
  public synchronized InboxView choose(String wanted, boolean those) {
    var text = wanted.strip();
    if (text.isEmpty()) {
      transactions.executeWithoutResult(t -> forget());
      return read();
    }
    var folder = FolderPath.checked(text);
    mustLieApart(folder, text);
    if (folder.toString().equals(path()) && !those) {
      return read();
    }
    try {
      var there = those ? List.<Found>of() : all(folder);
      transactions.executeWithoutResult(
          t -> {
            forget();
            var entity = new InboxEntity();
            entity.path = folder.toString();
            folders.save(entity);
            there.forEach(f -> files.save(seen(f, "")));
          });
    } catch (IOException e) {
      throw Refusal.badValue("path", text, Message.of("book.folderClosed", "path", text));
    }
    return read();
  }

  private void forget() {
    files.deleteAllInBatch();
    folders.deleteAllInBatch();
  }

  /** A picture must not arrive twice: once as it came, and once more as it is kept. */
  private void mustLieApart(Path folder, String text) {
    try {
      var own = data.path().toRealPath();
      if (folder.startsWith(own) || own.startsWith(folder)) {
        throw Refusal.badValue("path", text, Message.of("book.inOneAnother", "path", text));
      }
    } catch (IOException e) {
      throw Refusal.badValue("path", text, Message.of("book.folderClosed", "path", text));
    }
  }

  private static InboxFileEntity seen(Found file, String refused) {
    var entity = new InboxFileEntity();
    entity.path = file.path;
    entity.bytes = file.bytes;
    entity.changedAt = file.changedAt;
    entity.refused = refused;
    return entity;
  }

  /** Takes in the next few pictures that arrived; what cannot be read costs the others nothing. */
  public synchronized InboxView look() {
    var path = path();
    if (path.isEmpty()) {
      return read();
    }
    try {
      var all = all(Path.of(path));
      var fresh = fresh(all);
      int taken = 0;
      var now = fresh.subList(0, Math.min(AT_ONCE, fresh.size()));
      for (var file : now) {
        taken += take(file) ? 1 : 0;
      }
      return view(path, all, taken, fresh.size() - now.size());
    } catch (IOException e) {
      return new InboxView(path, true, 0, 0, List.of());
    }
  }

  private boolean take(Found file) {
    String refused = "";
    boolean isNew = false;
    try (var in = new BufferedInputStream(Files.newInputStream(file.file))) {
      isNew = pictures.arrive(idOf(file), file.path, in, file.bytes).isNew();
    } catch (IOException e) {
      refused =
          StoredMessage.write(Message.of("book.folderClosed", "path", file.path), LONGEST_REASON);
    } catch (Refusal e) {
      refused = StoredMessage.write(e.why(), LONGEST_REASON);
    }
    var entity = seen(file, refused);
    transactions.executeWithoutResult(t -> files.save(entity));
    return isNew;
  }

  private static UUID idOf(Found file) {
    return UUID.nameUUIDFromBytes(
        "%s %d %d"
            .formatted(file.path, file.bytes, file.changedAt)
            .getBytes(java.nio.charset.StandardCharsets.UTF_8));
  }

  /**
   * Files that were not seen yet, the oldest first. One that is gone is not forgotten: a drive that
   * was away comes back with all that had been seen on it.
   */
  private List<Found> fresh(List<Found> found) {
    Map<String, InboxFileEntity> known = new HashMap<>();
    files.findAll().forEach(f -> known.put(f.path, f));
    long now = clock.millis();
    return found.stream()
        .filter(f -> !known.containsKey(f.path) || !f.is(known.get(f.path)))
        .filter(f -> Math.abs(now - f.changedAt) > ARRIVING.toMillis())
        .sorted(Comparator.comparingLong(Found::changedAt).thenComparing(Found::path))
        .toList();
  }

  private static List<Found> all(Path folder) throws IOException {
    if (!Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)) {
      throw new IOException("The inbox folder is gone");
    }
    var found = new ArrayList<Found>();
    Files.walkFileTree(
        folder,
        Set.of(),
        DEEPEST,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            var path = folder.relativize(file).toString();
            if (attributes.isRegularFile()
                && ENDINGS.contains(ending(path))
                && path.length() <= 1000) {
              found.add(
                  new Found(
                      file, path, attributes.size(), attributes.lastModifiedTime().toMillis()));
            }
            return found.size() < MOST ? FileVisitResult.CONTINUE : FileVisitResult.TERMINATE;
          }

          @Override
          public FileVisitResult visitFileFailed(Path file, IOException e) throws IOException {
            if (file.equals(folder)) {
              throw e;
            }
            return FileVisitResult.CONTINUE;
          }
        });
    return found;
  }

  private static String ending(String path) {
    return path.substring(path.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
  }
}
