package humblequill.server.promise;

import humblequill.core.course.plan.Remedies;
import humblequill.core.promise.PaceEstimate;
import humblequill.core.promise.Worksheet;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Can it be done: the sum behind a promise, before it is made.
 *
 * @param count units of the promise, or of its first week
 * @param due its last day, or that of the first week
 * @param drawingDays days with minutes
 * @param secondsEach seconds a unit, by own entries and what is expected
 * @param ownEntries own entries it rests on
 * @param ownSeconds their median; 0 without any
 * @param drawingMinutes time of drawing
 * @param overheadMinutes time of setting up, warming up and choosing references
 * @param availableMinutes time there is
 * @param load work ÷ time there is; null when there is none
 * @param answer whether it can be done
 * @param leansOnExpected whether the time a unit still leans on what is expected, beside own
 *     entries
 * @param perDay units of the fullest day
 * @param minutesADay minutes that every drawing day needs; null when none would do
 * @param extraDays drawing days to add; null when not within a year
 * @param extraUntil the last of them
 * @param drop units to leave out
 * @param paceSeconds seconds a unit that would fit; null when none would
 * @param day what becomes of the minutes of a drawing day
 * @param usualWeekMinutes mean minutes a week of the last four; 0 while less is on record
 * @param weekMinutes minutes a week it would take
 * @param sudden whether that multiplies the usual week
 * @param trials smaller promises to begin with
 * @param days units by date
 */
public record WorksheetView(
    int count,
    LocalDate due,
    int drawingDays,
    int secondsEach,
    int ownEntries,
    int ownSeconds,
    int drawingMinutes,
    int overheadMinutes,
    int availableMinutes,
    @Nullable Double load,
    Worksheet.Answer answer,
    boolean leansOnExpected,
    int perDay,
    @Nullable Integer minutesADay,
    @Nullable Integer extraDays,
    @Nullable LocalDate extraUntil,
    @Nullable Integer drop,
    @Nullable Integer paceSeconds,
    DayLeft day,
    int usualWeekMinutes,
    int weekMinutes,
    boolean sudden,
    List<TrialView> trials,
    List<Worksheet.DayShare> days) {

  /**
   * Minutes of a drawing day, on average.
   *
   * @param available what it has
   * @param promised of these, what other promises take
   * @param over whether the minutes set apart are more than other promises leave of a day
   * @param courseKeeps what is left for the course; null without one, and for a promise that comes
   *     on top
   */
  public record DayLeft(int available, int promised, boolean over, @Nullable Integer courseKeeps) {}

  /**
   * A smaller promise to begin with.
   *
   * @param count units
   * @param until its last day
   * @param days drawing days until then
   * @param minutes of drawing and setting up
   */
  public record TrialView(int count, LocalDate until, int days, int minutes) {
    static TrialView of(Worksheet.Trial trial) {
      return new TrialView(
          trial.units(), trial.until(), trial.days(), WorksheetView.minutes(trial.seconds()));
    }
  }

  static WorksheetView of(
      Worksheet sheet, PaceEstimate pace, DayLeft day, int usual, boolean sudden) {
    var extra = sheet.remedies().flatMap(Remedies::extraDays);
    return new WorksheetView(
        sheet.count(),
        sheet.due(),
        sheet.drawingDays(),
        pace.secondsEach(),
        pace.entries(),
        pace.ownSeconds(),
        minutes(sheet.workSeconds() - sheet.overheadSeconds()),
        minutes(sheet.overheadSeconds()),
        minutes(sheet.availableSeconds()),
        Double.isInfinite(sheet.load()) ? null : sheet.load(),
        sheet.answer(day.over()),
        pace.leansOnExpected(),
        sheet.perDay(),
        sheet.minutesADay().isPresent() ? sheet.minutesADay().getAsInt() : null,
        extra.map(Remedies.ExtraDays::drawingDays).orElse(null),
        extra.map(Remedies.ExtraDays::until).orElse(null),
        sheet
            .remedies()
            .map(r -> r.drops().stream().mapToInt(Remedies.Drop::count).sum())
            .orElse(null),
        sheet
            .remedies()
            .flatMap(r -> r.paces().stream().findFirst())
            .map(Remedies.Pace::secondsEach)
            .orElse(null),
        day,
        usual,
        sheet.weekMinutes(),
        sudden,
        Stream.of(10, 20)
            .flatMap(n -> sheet.trial(n, pace.secondsEach()).stream())
            .map(TrialView::of)
            .toList(),
        sheet.days());
  }

  private static int minutes(long seconds) {
    return (int) Math.round(seconds / 60.0);
  }
}
