package humblequill.server.sitting.reference;

import humblequill.core.ground.message.Message;
import humblequill.server.book.picture.FolderPath;
import humblequill.server.book.picture.PictureReader;
import humblequill.server.book.picture.Upright;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.message.StoredMessage;
import jakarta.annotation.PreDestroy;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The learner's own folder of pictures: read, never written. It is gone through in the background,
 * one picture at a time, so that memory does not grow with the folder.
 */
@Service
public class PictureFolder {
  private static final int LONGEST_REASON = 200;
  private static final Logger LOG = LoggerFactory.getLogger(PictureFolder.class);
  private static final Set<String> ENDINGS = Set.of("jpg", "jpeg", "png", "gif", "bmp", "webp");
  private static final int MOST = 50_000;
  private static final int DEEPEST = 12;
  private static final int AT_ONCE = 50;

  private static final int MOST_LISTED = 300;

  private final FolderRepository folders;
  private final PictureRepository pictures;
  private final TransactionTemplate transactions;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          work -> {
            var thread = new Thread(work, "picture folder");
            thread.setDaemon(true);
            return thread;
          });
  private volatile Progress progress = new Progress(0, 0, false);
  private volatile int run;

  PictureFolder(
      FolderRepository folders, PictureRepository pictures, TransactionTemplate transactions) {
    this.folders = folders;
    this.pictures = pictures;
    this.transactions = transactions;
  }

  /** A file as the walk through the folder met it; it may be gone when its turn comes. */
  private record PictureFile(Path path, long bytes, long changedAt) {
    boolean is(PictureEntity known) {
      return bytes == known.bytes && changedAt == known.changedAt;
    }
  }

  /** How far the background work is. */
  private record Progress(int done, int of, boolean running) {}

  /**
   * The folder as it stands.
   *
   * @param path empty without one
   * @param pictures pictures that can be shown
   * @param done files looked at in the run under way or the last one
   * @param of files there are
   * @param broken files that cannot be shown, the first hundred
   */
  public record FolderView(
      String path, int pictures, int done, int of, boolean running, List<BrokenPicture> broken) {}

  /** A file that cannot be shown. */
  public record BrokenPicture(String path, Message reason) {}

  @EventListener(ApplicationReadyEvent.class)
  void afterStart() {
    folders.findById(FolderEntity.ONLY).ifPresent(f -> begin(Path.of(f.path)));
  }

  @PreDestroy
  void stop() {
    run++;
    worker.shutdownNow();
  }

  FolderView read() {
    var path = folders.findById(FolderEntity.ONLY).map(f -> f.path).orElse("");
    var broken =
        pictures.findByBrokenNotOrderByPathAsc("").stream()
            .limit(100)
            .map(p -> new BrokenPicture(inFolder(path, p.path), StoredMessage.read(p.broken)))
            .toList();
    var p = progress;
    return new FolderView(path, pictures.pictures().size(), p.done, p.of, p.running, broken);
  }

  /** A picture of the folder, by its path in it. */
  public record FolderPicture(UUID id, String path) {}

  /** Pictures that can be shown, by their paths, at most {@value #MOST_LISTED}. */
  @Transactional(readOnly = true)
  public List<FolderPicture> pictures() {
    var path = folders.findById(FolderEntity.ONLY).map(f -> f.path).orElse("");
    return pictures.findByBrokenOrderByPathAsc("").stream()
        .limit(MOST_LISTED)
        .map(p -> new FolderPicture(p.id, inFolder(path, p.path)))
        .toList();
  }

  /** Width ÷ height of a picture; empty where it is gone or cannot be shown. */
  @Transactional(readOnly = true)
  public Optional<Double> ratio(UUID id) {
    return pictures
        .findById(id)
        .filter(p -> p.broken.isEmpty())
        .map(p -> (double) p.width / p.height);
  }

  /**
   * A picture as it is seen; empty where it is gone or cannot be read.
   *
   * @param longest its longer edge in dots at most
   */
  @Transactional(readOnly = true)
  public Optional<BufferedImage> seen(UUID id, int longest) {
    try (var still = open(id).in()) {
      return Optional.of(Upright.read(Path.of(pictures.findById(id).orElseThrow().path), longest));
    } catch (IOException | Refusal e) {
      return Optional.empty();
    }
  }

  /** A path as it is told: without what lies above the folder. */
  private static String inFolder(String folder, String path) {
    return path.startsWith(folder + "/") ? path.substring(folder.length() + 1) : path;
  }

  /** Chooses a folder, or none with an empty path. */
  FolderView choose(String wanted) {
    var text = wanted.strip();
    if (text.isEmpty()) {
      run++;
      progress = new Progress(0, 0, false);
      transactions.executeWithoutResult(
          t -> {
            folders.deleteAll();
            pictures.deleteAllInBatch();
          });
      return read();
    }
    var path = FolderPath.checked(text);
    transactions.executeWithoutResult(
        t -> {
          var entity = folders.findById(FolderEntity.ONLY).orElseGet(FolderEntity::new);
          if (!entity.path.equals(path.toString())) {
            pictures.deleteAllInBatch();
          }
          entity.path = path.toString();
          folders.save(entity);
        });
    begin(path);
    return read();
  }

  /** Stops the background work; what was found stays. */
  FolderView cancel() {
    run++;
    var p = progress;
    progress = new Progress(p.done, p.of, false);
    return read();
  }

  /** Shuffled pictures of a seed. */
  public List<UUID> shuffled(long seed) {
    var ids = new ArrayList<>(pictures.pictures());
    Collections.shuffle(ids, new Random(seed));
    return ids;
  }

  /**
   * Opens a picture.
   *
   * @return its bytes, if it still is the file that was looked at; close it
   */
  OpenPicture open(UUID id) {
    var picture = pictures.findById(id).orElseThrow(() -> Refusal.notFound("picture", id));
    var folder = folders.findById(FolderEntity.ONLY).map(f -> Path.of(f.path)).orElseThrow();
    try {
      return OpenPicture.open(Path.of(picture.path), folder, picture);
    } catch (IOException | InvalidPathException e) {
      throw Refusal.notFound("picture", id);
    }
  }

  private synchronized void begin(Path folder) {
    int own = ++run;
    progress = new Progress(0, 0, true);
    worker.submit(() -> index(folder, own));
  }

  private void index(Path folder, int own) {
    try {
      var files = files(folder);
      var known = new HashMap<String, PictureEntity>();
      pictures.findAll().forEach(p -> known.put(p.path, p));
      var found = new ArrayList<PictureEntity>();
      for (int i = 0; i < files.size() && own == run; i++) {
        var file = files.get(i);
        var old = known.remove(file.path.toString());
        if (old == null || !old.broken.isEmpty() || !file.is(old)) {
          found.add(look(file, old == null ? new PictureEntity() : old));
        }
        if (found.size() == AT_ONCE) {
          save(found, own);
        }
        progress = new Progress(i + 1, files.size(), true);
      }
      save(found, own);
      if (own == run) {
        transactions.executeWithoutResult(t -> pictures.deleteAllInBatch(known.values()));
        progress = new Progress(files.size(), files.size(), false);
      }
    } catch (IOException | RuntimeException e) {
      LOG.warn("The folder of pictures {} could not be read to the end.", folder, e);
      if (own == run) {
        progress = new Progress(progress.done, progress.of, false);
      }
    }
  }

  private void save(List<PictureEntity> found, int own) {
    if (own == run && !found.isEmpty()) {
      try {
        transactions.executeWithoutResult(t -> pictures.saveAll(found));
      } catch (DataAccessException e) {
        found.forEach(this::saveAlone);
      }
    }
    found.clear();
  }

  /** What one odd name does not let in must not keep out the others. */
  private void saveAlone(PictureEntity picture) {
    try {
      transactions.executeWithoutResult(t -> pictures.save(picture));
    } catch (DataAccessException e) {
      LOG.warn("A picture cannot be kept in the list: {}", e.getMostSpecificCause().getMessage());
    }
  }

  /** Pictures below a folder; parts of it that may not be read are passed over. */
  private static List<PictureFile> files(Path folder) throws IOException {
    var found = new ArrayList<PictureFile>();
    Files.walkFileTree(
        folder,
        Set.of(),
        DEEPEST,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            if (attributes.isRegularFile() && ENDINGS.contains(ending(file))) {
              long changedAt = attributes.lastModifiedTime().toMillis();
              found.add(new PictureFile(file, attributes.size(), changedAt));
            }
            return found.size() < MOST ? FileVisitResult.CONTINUE : FileVisitResult.TERMINATE;
          }

          @Override
          public FileVisitResult visitFileFailed(Path file, IOException e) {
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult postVisitDirectory(Path directory, @Nullable IOException e) {
            return FileVisitResult.CONTINUE;
          }
        });
    found.sort(Comparator.comparing(PictureFile::path));
    return found;
  }

  private static String ending(Path file) {
    var name = file.getFileName() == null ? "" : file.getFileName().toString();
    return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
  }

  private static PictureEntity look(PictureFile file, PictureEntity entity) {
    entity.path = file.path.toString();
    if (entity.path.length() > PictureEntity.LONGEST_PATH) {
      entity.path = entity.path.substring(0, PictureEntity.LONGEST_PATH - 1) + "…";
      entity.broken = StoredMessage.write(Message.of("sitting.pathTooLong"), LONGEST_REASON);
      return entity;
    }
    entity.bytes = file.bytes;
    entity.changedAt = file.changedAt;
    entity.broken = "";
    try {
      var size = Upright.size(file.path, PictureReader.read(file.path));
      entity.width = size.width;
      entity.height = size.height;
    } catch (IOException | RuntimeException e) {
      entity.broken =
          StoredMessage.write(
              e instanceof PictureReader.NoPicture told
                  ? told.why()
                  : Message.of("book.pictureDamaged"),
              LONGEST_REASON);
    }
    return entity;
  }
}
