package humblequill.server.book.piece;

import humblequill.core.ground.name.Names;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameUses;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Staged pieces and the entries drawn for them; held in memory. */
@Component
class Pieces implements NameUses {
  private final PieceRepository repository;
  private final PieceEntryRepository entries;
  private final Remembered<Kept> stored;

  Pieces(PieceRepository repository, PieceEntryRepository entries, Memory memory) {
    this.repository = repository;
    this.entries = entries;
    this.stored =
        memory.remember(
            "staged pieces and the entries drawn for them",
            PieceEntity.class,
            PieceEntryEntity.class);
  }

  /** A piece as it is kept. */
  record KeptPiece(
      UUID id, long version, Instant begunAt, boolean ended, boolean removed, StoredPiece told) {
    PieceFields fields(Names names) {
      return told.fields(ended, names);
    }
  }

  /** An entry of a stage. */
  record StageEntry(UUID entry, UUID piece, UUID stage) {}

  private record Kept(List<KeptPiece> pieces, Map<UUID, List<StageEntry>> entries) {}

  private Kept kept() {
    return stored.get(
        () ->
            new Kept(
                repository.findAll().stream()
                    .map(Pieces::kept)
                    .sorted(Comparator.comparing(KeptPiece::begunAt).reversed())
                    .toList(),
                entries.findAll().stream()
                    .map(e -> new StageEntry(e.entryId, e.pieceId, e.stageId))
                    .collect(Collectors.groupingBy(StageEntry::piece))));
  }

  private static KeptPiece kept(PieceEntity e) {
    return new KeptPiece(
        e.id,
        e.version == null ? 0 : e.version,
        e.begunAt,
        e.ended,
        e.removed,
        StoredPiece.read(e.document));
  }

  /** All that were not taken off, the newest first. */
  @Transactional(readOnly = true)
  public List<KeptPiece> all() {
    return kept().pieces.stream().filter(p -> !p.removed).toList();
  }

  /** One, if it is there. */
  @Transactional(readOnly = true)
  public Optional<KeptPiece> find(UUID id) {
    return all().stream().filter(p -> p.id.equals(id)).findFirst();
  }

  /** Entries drawn for a piece. */
  @Transactional(readOnly = true)
  public List<StageEntry> entriesOf(UUID piece) {
    return kept().entries.getOrDefault(piece, List.of());
  }

  void save(PieceEntity entity) {
    repository.saveAndFlush(entity);
  }

  void save(PieceEntryEntity entity) {
    entries.saveAndFlush(entity);
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return kept().pieces.stream()
        .map(KeptPiece::told)
        .flatMap(t -> Stream.of(t.topic(), t.medium(), t.book()).filter(Objects::nonNull))
        .collect(Collectors.groupingBy(NameRef::id, Collectors.counting()));
  }
}
