package humblequill.core.sitting;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A sitting as it went, as far as it is told.
 *
 * @param time when it began
 * @param minutes that were worked
 * @param unbroken the longest stretch of it without a break or a pause
 * @param place of its day's sittings in a row, from 1: one that begins within half an hour after
 *     another ended follows it
 * @param warmedUp whether a warm-up stands before it in its row
 * @param warmUp whether it is a warm-up itself
 * @param mark of what was drawn
 * @param felt how it was told to feel
 * @param cue what made the learner sit down
 * @param where it was
 */
public record PastSitting(
    LocalDate day,
    LocalTime time,
    int minutes,
    Duration unbroken,
    int place,
    boolean warmedUp,
    boolean warmUp,
    OptionalInt mark,
    Felt felt,
    Optional<String> cue,
    Optional<String> where) {
  /** The same begun at another time of its day. */
  public PastSitting at(LocalTime began) {
    return new PastSitting(
        day, began, minutes, unbroken, place, warmedUp, warmUp, mark, felt, cue, where);
  }

  /** The same with the mark of what was drawn. */
  public PastSitting marked(OptionalInt mark) {
    return new PastSitting(
        day, time, minutes, unbroken, place, warmedUp, warmUp, mark, felt, cue, where);
  }

  /**
   * How a sitting was told to feel; each 1 to 5.
   *
   * @param energyBefore 1 very low to 5 high
   * @param energyAfter the same at its end
   * @param dread how hard it seemed beforehand, 1 not at all to 5 very
   * @param was how hard it was in the end, on the same scale
   */
  public record Felt(
      OptionalInt energyBefore, OptionalInt energyAfter, OptionalInt dread, OptionalInt was) {
    /** Nothing was told. */
    public static final Felt UNTOLD =
        new Felt(
            OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty());

    /** What the sitting gave or took of energy; empty unless it was told twice. */
    public OptionalInt energyChange() {
      return energyBefore.isPresent() && energyAfter.isPresent()
          ? OptionalInt.of(energyAfter.getAsInt() - energyBefore.getAsInt())
          : OptionalInt.empty();
    }
  }
}
