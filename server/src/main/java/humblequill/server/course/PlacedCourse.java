package humblequill.server.course;

import humblequill.core.course.Placement;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A course that is or was followed.
 *
 * @param id of the placement; entries refer to it
 * @param placement with every change that was not taken back
 * @param side whether it is followed beside a main course
 * @param weight its part of the room where both have work, against the other's weight
 * @param settledUntil first day whose missed work was not settled yet
 * @param decisions what was changed, oldest first
 */
public record PlacedCourse(
    UUID id,
    Placement placement,
    boolean side,
    int weight,
    LocalDate settledUntil,
    List<Decision> decisions) {
  /** The same with another plan. */
  public PlacedCourse on(Placement other) {
    return new PlacedCourse(id, other, side, weight, settledUntil, decisions);
  }
}
