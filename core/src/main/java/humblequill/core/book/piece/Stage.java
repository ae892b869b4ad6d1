package humblequill.core.book.piece;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A stage of a piece.
 *
 * @param gate the question that is answered before the next stage; empty to go on without one
 * @param passed whether its gate was answered with yes
 * @param variants pictures of it; of several, one may be chosen to go on with
 * @param chosen the one that was chosen
 */
public record Stage(
    UUID id, String name, String gate, boolean passed, List<UUID> variants, Optional<UUID> chosen) {
  public Stage {
    variants = List.copyOf(variants);
  }
}
