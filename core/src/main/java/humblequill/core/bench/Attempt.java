package humblequill.core.bench;

import humblequill.core.book.picture.Spot;
import java.util.Map;
import java.util.Set;

/**
 * An attempt beside its reference. Both are told in units of their own, the same across and down;
 * only what was confirmed on both counts.
 *
 * @param reference landmarks of the reference, by name
 * @param drawn landmarks of the attempt that were confirmed, by name
 * @param invented landmarks that the reference does not show, so that they were made up; they stay
 *     out of all that is judged
 * @param plumb whether it is known on both what is upright
 * @param pushed whether tilts were exaggerated on purpose; they are judged against {@link #PUSH}
 *     times the tilts of the reference
 */
public record Attempt(
    Map<String, Spot> reference,
    Map<String, Spot> drawn,
    Set<String> invented,
    boolean plumb,
    boolean pushed) {
  /** How much more a pushed tilt is. Common practice, no published source. */
  public static final double PUSH = 1.2;

  public Attempt {
    reference = Map.copyOf(reference);
    drawn = Map.copyOf(drawn);
    invented = Set.copyOf(invented);
  }

  /** Whether a landmark is known on both and was not made up. */
  boolean counts(String landmark) {
    return reference.containsKey(landmark)
        && drawn.containsKey(landmark)
        && !invented.contains(landmark);
  }
}
