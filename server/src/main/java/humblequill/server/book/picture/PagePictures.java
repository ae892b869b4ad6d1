package humblequill.server.book.picture;

import humblequill.core.book.picture.Straight;
import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps pictures of pages: files that are never altered, and a row for each. */
@Service
public class PagePictures {
  /** Cameras tell times before this when their clock was never set. */
  private static final LocalDate FIRST_CAMERAS = LocalDate.of(1995, 1, 1);

  private static final int LONGEST_NAME = 255;

  /** The longest edge of anything that is made of a picture. */
  static final int MOST_DOTS = 8000;

  private static final DateTimeFormatter IN_NAME = DateTimeFormatter.ofPattern("uuuu-MM-dd HHmmss");

  private final PagePictureRepository repository;
  private final Arrival arrival;
  private final SmallPictures small;
  private final SettingsService settings;
  private final DataFolder folder;
  private final TransactionTemplate transactions;
  private final Clock clock;
  private final Remembered<Map<UUID, PagePicture>> stored;

  PagePictures(
      PagePictureRepository repository,
      Arrival arrival,
      SmallPictures small,
      SettingsService settings,
      DataFolder folder,
      TransactionTemplate transactions,
      Clock clock,
      Memory memory) {
    this.repository = repository;
    this.arrival = arrival;
    this.small = small;
    this.settings = settings;
    this.folder = folder;
    this.transactions = transactions;
    this.clock = clock;
    this.stored = memory.remember("pictures of pages", PagePictureEntity.class);
  }

  /** All pictures that were not taken out, by id. */
  @Transactional(readOnly = true)
  public Map<UUID, PagePicture> all() {
    return stored.get(
        () -> {
          var learner = settings.learner();
          return repository.findAll().stream()
              .filter(e -> !e.removed)
              .collect(Collectors.toMap(e -> e.id, e -> view(e, learner)));
        });
  }

  /** Pictures of pages, each page's own first. */
  @Transactional(readOnly = true)
  public Map<UUID, List<PagePicture>> byPage() {
    return all().values().stream()
        .filter(p -> p.pageId() != null)
        .sorted(Comparator.comparing(PagePicture::beside).thenComparing(PagePicture::addedAt))
        .collect(Collectors.groupingBy(PagePicture::pageId));
  }

  /** Pictures that wait for their page, in the order in which they were taken. */
  @Transactional(readOnly = true)
  public List<PagePicture> waiting() {
    return all().values().stream()
        .filter(p -> p.pageId() == null)
        .sorted(
            Comparator.comparing(
                    PagePicture::taken, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(PagePicture::originalName)
                .thenComparing(PagePicture::addedAt))
        .toList();
  }

  private static PagePicture view(PagePictureEntity e, Learner learner) {
    var taken = size(e);
    var straight = StoredStraight.read(e.straight);
    var size = straight.map(s -> s.size(MOST_DOTS, taken.width(), taken.height())).orElse(taken);
    return new PagePicture(
        e.id,
        e.version == null ? 0 : e.version,
        e.originalName,
        e.bytes,
        size.width(),
        size.height(),
        e.partOf,
        straight.isPresent(),
        straight.flatMap(Straight::light).isPresent(),
        Seen.way(e.turn, straight),
        e.taken,
        e.taken == null
            ? null
            : learner.clock().practiceDay(e.taken.atZone(learner.clock().zone()).toInstant()),
        e.addedAt,
        e.pageId,
        e.beside,
        e.caption);
  }

  /** As it is seen before anything is straightened. */
  private static Straight.Size size(PagePictureEntity e) {
    boolean lying = e.turn >= 5;
    return new Straight.Size(lying ? e.height : e.width, lying ? e.width : e.height);
  }

  /**
   * A picture that was taken in.
   *
   * @param isNew false if the same file was there already
   */
  public record KeptPicture(PagePicture picture, boolean isNew) {}

  /**
   * Takes a picture in. The same file twice is one picture; one that had been taken out is put
   * back.
   *
   * @param told how many bytes will come; below 0 when nobody told
   */
  public KeptPicture keep(UUID id, String name, InputStream in, long told) {
    return keep(id, name, in, told, true);
  }

  /** Takes a picture in that came by itself; one that had been taken out stays out. */
  KeptPicture arrive(UUID id, String name, InputStream in, long told) {
    return keep(id, name, in, told, false);
  }

  private KeptPicture keep(UUID id, String name, InputStream in, long told, boolean putsBack) {
    Arrival.Arrived arrived;
    try {
      arrived = arrival.receive(in, told);
    } catch (PictureReader.NoPicture e) {
      throw Refusal.badValue(
          "picture", name, Message.of("book.pictureRefused", "name", name, "why", e.why()));
    } catch (IOException e) {
      throw Refusal.badValue("picture", name, Message.of("book.notArrivedWhole", "name", name));
    }
    try {
      return Objects.requireNonNull(
          transactions.execute(t -> settled(id, name, arrived, putsBack)));
    } finally {
      drop(arrived);
    }
  }

  private void drop(Arrival.Arrived arrived) {
    try {
      arrival.drop(arrived);
    } catch (IOException e) {
      // The next start clears it away.
    }
  }

  private KeptPicture settled(UUID id, String name, Arrival.Arrived arrived, boolean putsBack) {
    var learner = settings.learner();
    var same = repository.findBySha256(arrived.sha256());
    if (same.isPresent()) {
      var entity = same.get();
      boolean back = entity.removed && putsBack;
      if (back) {
        entity.removed = false;
        entity.pageId = null;
        save(entity);
      }
      return new KeptPicture(view(entity, learner), back);
    }
    var entity = new PagePictureEntity();
    entity.id = id;
    entity.sha256 = arrived.sha256();
    entity.type = arrived.type().mime();
    entity.originalName =
        name.length() > LONGEST_NAME ? name.substring(name.length() - LONGEST_NAME) : name;
    entity.bytes = arrived.bytes();
    entity.width = arrived.size().width;
    entity.height = arrived.size().height;
    entity.turn = arrived.camera().turn();
    entity.taken = arrived.camera().taken().filter(t -> isPossible(t, learner)).orElse(null);
    entity.addedAt = clock.instant();
    entity.file = fileName(entity, learner, arrived.type());
    save(entity);
    try {
      arrival.settle(arrived, entity.file);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    return new KeptPicture(view(entity, learner), true);
  }

  private static boolean isPossible(LocalDateTime taken, Learner learner) {
    return !taken.toLocalDate().isBefore(FIRST_CAMERAS)
        && !taken.toLocalDate().isAfter(learner.today().plusDays(1));
  }

  private String fileName(PagePictureEntity e, Learner learner, PictureType type) {
    var time =
        e.taken == null ? e.addedAt.atZone(learner.clock().zone()).toLocalDateTime() : e.taken;
    return "pictures/%d/%s %s.%s"
        .formatted(
            time.getYear(), IN_NAME.format(time), e.id.toString().substring(0, 8), type.ending());
  }

  /** Puts a picture on a page, or back into the tray. */
  @Transactional
  public PagePicture place(UUID id, @Nullable UUID page, boolean beside) {
    var entity = there(id);
    entity.pageId = page;
    entity.beside = beside;
    save(entity);
    return view(entity, settings.learner());
  }

  /** Says something about a picture. */
  @Transactional
  public PagePicture caption(UUID id, String caption) {
    var entity = there(id);
    entity.caption = caption.strip();
    save(entity);
    return view(entity, settings.learner());
  }

  /** Turns a picture as it is seen, a quarter to the right. */
  @Transactional
  public PagePicture turn(UUID id) {
    var entity = there(id);
    entity.turn =
        switch (entity.turn) {
          case 1 -> 6;
          case 6 -> 3;
          case 3 -> 8;
          case 8 -> 1;
          case 2 -> 7;
          case 7 -> 4;
          case 4 -> 5;
          default -> 2;
        };
    entity.straight =
        StoredStraight.read(entity.straight)
            .map(Straight::turnedRight)
            .map(StoredStraight::write)
            .orElse("");
    save(entity);
    return view(entity, settings.learner());
  }

  /** Keeps how a picture is seen straight; empty to see it as it came. */
  @Transactional
  public PagePicture straighten(UUID id, Optional<Straight> straight) {
    var entity = there(id);
    entity.straight = straight.map(StoredStraight::write).orElse("");
    save(entity);
    return view(entity, settings.learner());
  }

  /** Makes a part of a picture that waits for a page of its own; once, however often asked. */
  @Transactional
  public PagePicture part(UUID id, UUID part, Optional<Straight> straight) {
    var whole = there(id);
    var root = whole.partOf == null ? whole.id : whole.partOf;
    var entity = repository.findById(part).orElseGet(PagePictureEntity::new);
    if (!entity.isNew() && !root.equals(entity.partOf)) {
      throw Refusal.conflict("id-taken", Message.of("book.pictureIdTaken", "id", part));
    }
    entity.id = part;
    entity.partOf = root;
    entity.file = whole.file;
    entity.type = whole.type;
    entity.originalName = whole.originalName;
    entity.bytes = whole.bytes;
    entity.width = whole.width;
    entity.height = whole.height;
    entity.turn = whole.turn;
    entity.taken = whole.taken;
    entity.addedAt = clock.instant();
    entity.removed = false;
    entity.straight = straight.map(StoredStraight::write).orElse("");
    save(entity);
    return view(entity, settings.learner());
  }

  /** Takes a picture out, or puts it back; its file stays. */
  @Transactional
  public void remove(UUID id, boolean removed) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("picture", id));
    entity.removed = removed;
    save(entity);
  }

  private PagePictureEntity there(UUID id) {
    return repository
        .findById(id)
        .filter(e -> !e.removed)
        .orElseThrow(() -> Refusal.notFound("picture", id));
  }

  private void save(PagePictureEntity entity) {
    repository.saveAndFlush(entity);
  }

  /** A file to be sent. */
  record Sent(Path file, String mime) {}

  @Transactional(readOnly = true)
  Sent original(UUID id) {
    var entity = there(id);
    return new Sent(there(entity), entity.type);
  }

  private Path there(PagePictureEntity entity) {
    var file = folder.path().resolve(entity.file);
    if (!Files.isRegularFile(file)) {
      throw Refusal.notFound("fileOfPicture", entity.originalName);
    }
    return file;
  }

  /** What is needed to show a picture. */
  Seen seen(UUID id) {
    var entity = there(id);
    return new Seen(
        id, there(entity), entity.turn, size(entity), StoredStraight.read(entity.straight));
  }

  /**
   * A picture as it is seen, as JPEG, without anything the camera wrote.
   *
   * @param longest its longer edge in dots at most
   */
  @Transactional(readOnly = true)
  public byte[] shown(UUID id, int longest) throws IOException {
    return Scaling.jpeg(seen(id).at(longest));
  }

  /**
   * A picture made smaller.
   *
   * @param way tells ways of seeing it apart
   */
  record Made(String way, byte[] jpeg) {}

  @Transactional(readOnly = true)
  Made small(UUID id, SmallPictures.Size size) {
    var seen = seen(id);
    return new Made(seen.way(), made(seen, size));
  }

  /** A picture as it is seen, as a JPEG that fits over a leaf. */
  @Transactional(readOnly = true)
  public byte[] overLeaf(UUID id) {
    return made(seen(id), SmallPictures.Size.LARGE);
  }

  /** Upright, and as it came otherwise. */
  @Transactional(readOnly = true)
  byte[] taken(UUID id) {
    return made(seen(id).asTaken(), SmallPictures.Size.LARGE);
  }

  private byte[] made(Seen seen, SmallPictures.Size size) {
    try {
      return small.of(seen, size);
    } catch (IOException e) {
      throw Refusal.notFound("readablePicture", seen.file().getFileName());
    }
  }
}
