package humblequill.server.book.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** An entry that was drawn for a stage of a piece. */
@Entity
@Table(name = "piece_entry")
class PieceEntryEntity {
  @Id UUID entryId = new UUID(0, 0);
  UUID pieceId = new UUID(0, 0);
  UUID stageId = new UUID(0, 0);
}
