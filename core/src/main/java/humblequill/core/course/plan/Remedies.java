package humblequill.core.course.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What would make the work fit, each remedy by itself and each the smallest that does.
 *
 * @param extraDays more drawing days after the last one
 * @param drops units to leave out per exercise, all of them together
 * @param paces for each exercise that falls short, the seconds a unit that would fit if only this
 *     pace changed; absent where no pace would do
 * @param minutesADay minutes that every drawing day would need; days that have more keep theirs
 */
public record Remedies(
    Optional<ExtraDays> extraDays, List<Drop> drops, List<Pace> paces, OptionalInt minutesADay) {
  public Remedies {
    drops = List.copyOf(drops);
    paces = List.copyOf(paces);
  }

  /**
   * More days.
   *
   * @param drawingDays days with room that are added
   * @param until the last of them
   */
  public record ExtraDays(int drawingDays, LocalDate until) {}

  /** Leave out this many units. */
  public record Drop(String exerciseId, int count) {}

  /** Take at most this many seconds a unit. */
  public record Pace(String exerciseId, int secondsEach) {}
}
