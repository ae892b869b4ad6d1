package humblequill.server.course.plan;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.PlanPreview;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What changes would do, before they are made.
 *
 * @param before the plan as it is
 * @param after the plan with the changes; the same as before when they are refused
 * @param refused why they cannot be made; null when they can
 */
public record PreviewView(Figures before, Figures after, @Nullable Message refused) {
  /**
   * The figures of a plan.
   *
   * @param end its last day
   * @param weekFrom first day of the week in question; null when it is gone
   * @param weekTo its last day
   * @param days its days from today on
   * @param droppedDrawings drawings no longer asked for
   * @param droppedMinutes minutes no longer asked for, of work counted in minutes
   * @param load work ÷ room from today on; null without room, and when the week is over or gone
   * @param shortfalls what has no day
   */
  public record Figures(
      LocalDate end,
      @Nullable LocalDate weekFrom,
      @Nullable LocalDate weekTo,
      List<DayLoad> days,
      int droppedDrawings,
      int droppedMinutes,
      @Nullable Double load,
      List<ShortfallView> shortfalls) {}

  /** Planned and effective minutes of one date. */
  public record DayLoad(LocalDate date, int minutes, int roomMinutes) {}

  static Figures figures(PlanPreview preview, String weekKey) {
    var week = preview.placement().week(weekKey);
    var outlook = preview.week();
    return new Figures(
        preview.end(),
        week.map(PlacedWeek::from).orElse(null),
        week.map(PlacedWeek::to).orElse(null),
        outlook.map(o -> o.days().stream().map(PreviewView::day).toList()).orElse(List.of()),
        preview.droppedDrawings(),
        preview.droppedMinutes(),
        outlook
            .filter(o -> !o.days().isEmpty())
            .map(OpenWeek.Outlook::load)
            .filter(Double::isFinite)
            .orElse(null),
        outlook
            .map(
                o ->
                    o.shortfalls().stream()
                        .map(
                            s ->
                                ShortfallView.of(
                                    s, week.orElseThrow().exercise(s.exerciseId()).orElseThrow()))
                        .toList())
            .orElse(List.of()));
  }

  private static DayLoad day(DayPlan plan) {
    return new DayLoad(plan.date(), (plan.plannedSeconds() + 30) / 60, plan.roomSeconds() / 60);
  }
}
