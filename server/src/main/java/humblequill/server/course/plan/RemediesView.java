package humblequill.server.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.plan.Remedies;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What would make the week fit, each remedy by itself.
 *
 * @param extraDays drawing days after the week, if that helps within four weeks
 * @param until the last of them
 * @param drops what to leave out
 * @param paces seconds each that would fit
 * @param minutesADay minutes every drawing day would need, if any number does
 */
public record RemediesView(
    @Nullable Integer extraDays,
    @Nullable LocalDate until,
    List<Drop> drops,
    List<Pace> paces,
    @Nullable Integer minutesADay) {
  /** Leave out so many units of an exercise. */
  public record Drop(String exerciseId, String title, int count, Exercise.Unit unit) {}

  /** Take at most so many seconds for each unit of an exercise. */
  public record Pace(String exerciseId, String title, int secondsEach, int plannedSecondsEach) {}

  /** The remedies with the names of their exercises. */
  public static RemediesView of(Remedies r, PlanService.PlannedWeek week) {
    return new RemediesView(
        r.extraDays().map(Remedies.ExtraDays::drawingDays).orElse(null),
        r.extraDays().map(Remedies.ExtraDays::until).orElse(null),
        r.drops().stream()
            .map(
                d ->
                    new Drop(
                        d.exerciseId(),
                        week.exercise(d.exerciseId()).title(),
                        d.count(),
                        week.exercise(d.exerciseId()).target().unit()))
            .toList(),
        r.paces().stream()
            .filter(p -> week.exercise(p.exerciseId()).target().unit() == Exercise.Unit.DRAWINGS)
            .map(
                p ->
                    new Pace(
                        p.exerciseId(),
                        week.exercise(p.exerciseId()).title(),
                        p.secondsEach(),
                        week.exercise(p.exerciseId()).secondsEach()))
            .toList(),
        r.minutesADay().isPresent() ? r.minutesADay().getAsInt() : null);
  }
}
