package humblequill.server.lookback.whatfor;

import humblequill.server.book.piece.PieceService;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.LeftOff;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ideas that wait, and pieces and resources that were left off. */
@Service
public class OpenEnds {
  static final int LONGEST = 600;

  private final OpenEndRepository repository;
  private final PieceService pieces;
  private final LeftOff resources;
  private final SettingsService settings;

  OpenEnds(
      OpenEndRepository repository,
      PieceService pieces,
      LeftOff resources,
      SettingsService settings) {
    this.repository = repository;
    this.pieces = pieces;
    this.resources = resources;
    this.settings = settings;
  }

  /** What an open end is. */
  enum Kind {
    /** Something the learner thought of. */
    IDEA,
    /** A staged piece that nothing was drawn for in three weeks. */
    PIECE,
    /** A resource that was left off. */
    RESOURCE
  }

  /** What became of it. */
  enum State {
    /** It waits. */
    OPEN,
    /** It was drawn. */
    DONE,
    /** It was let go. */
    LET_GO
  }

  private record KeptEnd(UUID id, State state, LocalDate notedOn, String text) {}

  /**
   * An open end.
   *
   * @param since when it was noted, or last worked on
   */
  record OpenEndView(UUID id, Kind kind, String text, LocalDate since, State state) {}

  private Map<UUID, KeptEnd> kept() {
    return repository.findAll().stream()
        .collect(
            Collectors.toMap(
                e -> e.id,
                e -> new KeptEnd(e.id, StoredJson.kind(State.class, e.state), e.notedOn, e.text)));
  }

  /** All of them, those that wait first, each the oldest first. */
  @Transactional(readOnly = true)
  List<OpenEndView> all() {
    var today = settings.learner().today();
    var kept = kept();
    var all = new ArrayList<OpenEndView>();
    pieces
        .leftOff(today)
        .forEach(p -> all.add(view(kept, p.id(), Kind.PIECE, p.title(), p.last())));
    resources
        .on(today)
        .forEach(r -> all.add(view(kept, r.id(), Kind.RESOURCE, r.name(), r.last())));
    var others = all.stream().map(OpenEndView::id).collect(Collectors.toSet());
    kept.values().stream()
        .filter(e -> !others.contains(e.id()) && !e.text().isEmpty())
        .forEach(
            e -> all.add(new OpenEndView(e.id(), Kind.IDEA, e.text(), e.notedOn(), e.state())));
    return all.stream()
        .sorted(
            Comparator.comparing(OpenEndView::state)
                .thenComparing(OpenEndView::since)
                .thenComparing(OpenEndView::id))
        .toList();
  }

  private static OpenEndView view(
      Map<UUID, KeptEnd> kept, UUID id, Kind kind, String text, LocalDate since) {
    var state = Optional.ofNullable(kept.get(id)).map(KeptEnd::state).orElse(State.OPEN);
    return new OpenEndView(id, kind, text, since, state);
  }

  /** One for free time: each day another one, so that all come up in turn. */
  @Transactional(readOnly = true)
  Optional<OpenEndView> offered() {
    var open = all().stream().filter(e -> e.state() == State.OPEN).toList();
    return open.isEmpty()
        ? Optional.empty()
        : Optional.of(
            open.get(Math.floorMod(settings.learner().today().toEpochDay(), open.size())));
  }

  /** Notes an idea, or changes it; the same told twice is one. */
  @Transactional
  public void note(UUID id, String text) {
    note(id, text, settings.learner().today());
  }

  /** The same, noted on an earlier day. */
  @Transactional
  public void note(UUID id, String text, LocalDate on) {
    var entity = repository.findById(id).orElseGet(OpenEndEntity::new);
    if (entity.isNew()) {
      entity.id = id;
      entity.notedOn = on;
      entity.state = StoredJson.word(State.OPEN);
    }
    entity.text = text.strip();
    repository.saveAndFlush(entity);
  }

  /** Says what became of one. */
  @Transactional
  void settle(UUID id, State state) {
    var entity = repository.findById(id).orElseGet(OpenEndEntity::new);
    if (entity.isNew()) {
      entity.id = id;
      entity.notedOn = settings.learner().today();
    }
    entity.state = StoredJson.word(state);
    repository.saveAndFlush(entity);
  }
}
