package humblequill.server.book.piece;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A staged piece.
 *
 * @param current the stage under way; null once all gates were passed
 * @param minutes of all its entries
 * @param first day something was drawn for it; null before
 * @param last day something was drawn for it
 * @param days on which something was drawn for it
 * @param stages what was drawn for each, in their order
 */
public record PieceView(
    UUID id,
    long version,
    PieceFields fields,
    @Nullable UUID current,
    int minutes,
    @Nullable LocalDate first,
    @Nullable LocalDate last,
    int days,
    List<DrawnStage> stages) {
  /**
   * What was drawn for a stage.
   *
   * @param entries oldest first
   */
  public record DrawnStage(UUID id, int minutes, int days, List<UUID> entries) {}
}
