package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.server.book.EntryPictures;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Subjects that were drawn again without a plan, laid beside one another by hand. */
@Service
public class OwnSubjects {
  static final int MOST = 12;

  private final OwnSubjectRepository repository;
  private final WeekGround ground;
  private final EntryPictures pictures;

  OwnSubjects(OwnSubjectRepository repository, WeekGround ground, EntryPictures pictures) {
    this.repository = repository;
    this.ground = ground;
    this.pictures = pictures;
  }

  private record StoredSubject(String title, List<UUID> entries) {}

  private record KeptSubject(UUID id, StoredSubject document) {}

  /** A subject and those of its entries that are still there, the oldest first. */
  record OwnSubject(UUID id, String title, List<Drawn> drawn) {}

  /** An entry with a picture of its page, that a subject can be made of. */
  record PicturedEntry(UUID entry, LocalDate day, String called, UUID picture, int mark) {}

  private List<KeptSubject> kept() {
    return repository.findByRemovedFalse().stream()
        .map(e -> new KeptSubject(e.id, StoredJson.read(e.document, StoredSubject.class)))
        .sorted(Comparator.comparing(k -> k.document().title()))
        .toList();
  }

  @Transactional(readOnly = true)
  public List<OwnSubject> all() {
    if (kept().isEmpty()) {
      return List.of();
    }
    Map<UUID, Drawn> byId =
        ground.drawn().all().collect(Collectors.toMap(Drawn::entry, Function.identity()));
    return kept().stream()
        .map(
            k ->
                new OwnSubject(
                    k.id(),
                    k.document().title(),
                    k.document().entries().stream()
                        .map(byId::get)
                        .filter(Objects::nonNull)
                        .sorted(Comparator.comparing(Drawn::day))
                        .toList()))
        .toList();
  }

  /** Entries that have a picture that may be shown, the newest first. */
  @Transactional(readOnly = true)
  public List<PicturedEntry> pictured() {
    var drawn = ground.drawn().all().filter(d -> d.span().isPresent()).toList();
    var seen = pictures.shown(drawn.stream().map(Drawn::entry).collect(Collectors.toSet()));
    return drawn.stream()
        .map(d -> pictured(d, seen.get(d.entry())))
        .filter(Objects::nonNull)
        .sorted(Comparator.comparing(PicturedEntry::day).reversed())
        .toList();
  }

  private @Nullable PicturedEntry pictured(Drawn d, @Nullable UUID picture) {
    return picture == null
        ? null
        : new PicturedEntry(d.entry(), d.day(), d.called(), picture, d.mark());
  }

  /** Lays entries beside one another; the same told twice makes one. */
  @Transactional
  public void lay(UUID id, String title, List<UUID> entries) {
    var there = ground.drawn().all().map(Drawn::entry).collect(Collectors.toSet());
    var known = entries.stream().distinct().filter(there::contains).toList();
    if (known.size() < 2) {
      throw Refusal.badValue(
          "entries", known.size(), Message.of("lookback.drawingsNeeded", "count", known.size()));
    }
    var entity = repository.findById(id).orElseGet(OwnSubjectEntity::new);
    entity.id = id;
    entity.document = StoredJson.write(new StoredSubject(title.strip(), known));
    repository.saveAndFlush(entity);
  }

  @Transactional
  public void remove(UUID id, boolean removed) {
    repository
        .findById(id)
        .ifPresent(
            e -> {
              e.removed = removed;
              repository.saveAndFlush(e);
            });
  }
}
