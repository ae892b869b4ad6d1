package humblequill.server.book.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.UUID;

/** A template of the learner's own. */
@Entity
@Table(name = "piece_template")
class PieceTemplateEntity {
  @Id UUID id = UUID.randomUUID();

  /** As its file writes it, see docs/formats/piece.md. */
  @Lob String document = "";
}
