package humblequill.server.book.piece;

import humblequill.core.book.piece.Piece;
import humblequill.core.book.piece.Spent;
import humblequill.core.book.piece.Stage;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps staged pieces, and logs what is drawn for their stages. */
@Service
public class PieceService {
  private static final int LEFT_OFF_DAYS = 21;

  private final Pieces pieces;
  private final PieceRepository repository;
  private final EntryService entries;
  private final EntryLedger ledger;
  private final NameService names;
  private final Clock clock;

  PieceService(
      Pieces pieces,
      PieceRepository repository,
      EntryService entries,
      EntryLedger ledger,
      NameService names,
      Clock clock) {
    this.pieces = pieces;
    this.repository = repository;
    this.entries = entries;
    this.ledger = ledger;
    this.names = names;
    this.clock = clock;
  }

  /** All pieces, the newest first. */
  @Transactional(readOnly = true)
  List<PieceView> all() {
    var drawn = drawn(pieces.all());
    return pieces.all().stream().map(p -> view(p, drawn)).toList();
  }

  @Transactional(readOnly = true)
  PieceView get(UUID id) {
    var piece = pieces.find(id).orElseThrow(() -> Refusal.notFound("piece", id));
    return view(piece, drawn(List.of(piece)));
  }

  private Map<UUID, Drawn> drawn(List<Pieces.KeptPiece> shown) {
    var wanted =
        shown.stream()
            .flatMap(p -> pieces.entriesOf(p.id()).stream())
            .map(Pieces.StageEntry::entry)
            .collect(Collectors.toSet());
    return wanted.isEmpty()
        ? Map.of()
        : ledger
            .read()
            .all()
            .filter(d -> wanted.contains(d.entry()))
            .collect(
                Collectors.toMap(
                    Drawn::entry, Function.identity(), (a, b) -> a, LinkedHashMap::new));
  }

  /**
   * A piece with what was drawn for it.
   *
   * @param all entries in the order in which they were written
   */
  private PieceView view(Pieces.KeptPiece piece, Map<UUID, Drawn> all) {
    var fields = piece.fields(names.names());
    Map<UUID, UUID> stageOf =
        pieces.entriesOf(piece.id()).stream()
            .collect(Collectors.toMap(Pieces.StageEntry::entry, Pieces.StageEntry::stage));
    var mine = all.values().stream().filter(d -> stageOf.containsKey(d.entry())).toList();
    var stages =
        fields.stages().stream()
            .map(
                s -> {
                  var here =
                      mine.stream().filter(d -> s.id().equals(stageOf.get(d.entry()))).toList();
                  var spent = Spent.on(here);
                  return new PieceView.DrawnStage(
                      s.id(),
                      spent.minutes(),
                      spent.days(),
                      here.stream().map(Drawn::entry).toList());
                })
            .toList();
    var spent = Spent.on(mine);
    return new PieceView(
        piece.id(),
        piece.version(),
        fields,
        fields.toCore().current().map(Stage::id).orElse(null),
        spent.minutes(),
        spent.first().orElse(null),
        spent.last().orElse(null),
        spent.days(),
        stages);
  }

  /**
   * Keeps a piece; a new one under an id that the client made.
   *
   * @param version the one that was read; null for a new one
   */
  @Transactional
  public PieceView keep(UUID id, @Nullable Long version, PieceFields fields) {
    fields
        .toCore()
        .slip()
        .ifPresent(
            slip -> {
              throw Refusal.badValue("stages", slip.name(), sentence(slip));
            });
    var there = repository.findById(id).filter(p -> !p.removed);
    if (there.isEmpty() && version != null) {
      throw Refusal.notFound("piece", id);
    }
    if (there.isPresent() && !Objects.equals(there.get().version, version)) {
      throw Refusal.stale("piece", get(id));
    }
    var entity = there.orElseGet(PieceEntity::new);
    if (there.isEmpty()) {
      entity.id = id;
      entity.begunAt = clock.instant();
    }
    entity.ended = fields.ended();
    entity.document = StoredPiece.write(fields, names);
    pieces.save(entity);
    return get(id);
  }

  private static Message sentence(Piece.Slip slip) {
    return switch (slip) {
      case STAGES -> Message.of("book.stagesWithin", "most", Piece.MOST_STAGES);
      case TWICE -> Message.of("book.stageTwice");
      case OUT_OF_ORDER -> Message.of("book.stageOutOfOrder");
      case CHOSEN_ELSEWHERE -> Message.of("book.chosenElsewhere");
    };
  }

  /** Logs what was drawn for a stage. */
  @Transactional
  public PieceView log(UUID id, UUID stage, UUID entry, EntryFields fields) {
    var piece = get(id);
    if (piece.stages().stream().noneMatch(s -> s.id().equals(stage))) {
      throw Refusal.badValue("stage", stage, Message.of("book.noSuchStage"));
    }
    entries.create(entry, fields);
    var link = new PieceEntryEntity();
    link.entryId = entry;
    link.pieceId = id;
    link.stageId = stage;
    pieces.save(link);
    return get(id);
  }

  /** Takes a piece off, or puts it back; its entries stay. */
  @Transactional
  public void remove(UUID id, boolean removed) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("piece", id));
    entity.removed = removed;
    pieces.save(entity);
  }

  /**
   * A piece under way.
   *
   * @param stage the one under way; null once all gates were passed
   * @param gate the question at its end
   */
  public record PieceToday(
      UUID id,
      String title,
      @Nullable String stage,
      String gate,
      int number,
      int of,
      int minutes,
      int days) {}

  /** Pieces under way. */
  @Transactional(readOnly = true)
  public List<PieceToday> underWay() {
    var running = pieces.all().stream().filter(p -> !p.ended()).toList();
    if (running.isEmpty()) {
      return List.of();
    }
    var drawn = drawn(running);
    return running.stream().map(p -> today(view(p, drawn))).toList();
  }

  /** A piece that nothing was drawn for in weeks. */
  public record LeftOffPiece(UUID id, String title, LocalDate last) {}

  /** Pieces that are not ended and that nothing was drawn for in three weeks. */
  @Transactional(readOnly = true)
  public List<LeftOffPiece> leftOff(LocalDate today) {
    var running = pieces.all().stream().filter(p -> !p.ended()).toList();
    var drawn = drawn(running);
    return running.stream()
        .map(p -> view(p, drawn))
        .filter(p -> p.last() != null && p.last().isBefore(today.minusDays(LEFT_OFF_DAYS)))
        .map(p -> new LeftOffPiece(p.id(), p.fields().title(), Objects.requireNonNull(p.last())))
        .toList();
  }

  private static PieceToday today(PieceView p) {
    var piece = p.fields().toCore();
    var stage = piece.current();
    int of = piece.stages().size();
    return new PieceToday(
        p.id(),
        p.fields().title(),
        stage.map(Stage::name).orElse(null),
        stage.map(Stage::gate).orElse(""),
        Math.min(piece.passed() + 1, of),
        of,
        p.minutes(),
        p.days());
  }
}
