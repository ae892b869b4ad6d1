package humblequill.core.day.streak;

import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The pen line: days as one stroke, whose thickness is the minutes. */
public final class PenLine {
  private PenLine() {}

  /** How a day is drawn. */
  public enum Mark {
    /** A stroke as thick as the minutes. */
    INK,
    /** A dotted span: planned rest or paused. */
    REST,
    /** A hairline: missed, and forgiven by the learner's rule. */
    FORGIVEN,
    /** Nothing: missed, and the run ended; or before the first practised day. */
    GAP,
    /** Today, not practised yet. */
    OPEN,
    /** A day to come. */
    AHEAD
  }

  /**
   * One day of the line.
   *
   * @param minutes minutes drawn; 0 unless the mark is ink, and also for ink of unknown length
   */
  public record Stroke(LocalDate date, Mark mark, int minutes) {}

  /**
   * The line from one date to another, both included.
   *
   * @param streak the learner's own rule, counted on the same record; it tells which misses are
   *     forgiven
   * @param minutesByDay minutes of every day with an entry
   */
  public static List<Stroke> of(
      PracticeRecord practice, Streak streak, Tally minutesByDay, LocalDate from, LocalDate to) {
    var strokes = new ArrayList<Stroke>();
    for (var date = from; !date.isAfter(to); date = date.plusDays(1)) {
      strokes.add(stroke(practice, streak, minutesByDay, date));
    }
    return List.copyOf(strokes);
  }

  private static Stroke stroke(
      PracticeRecord practice, Streak streak, Tally minutesByDay, LocalDate date) {
    if (minutesByDay.has(date)) {
      return new Stroke(date, Mark.INK, minutesByDay.on(date));
    }
    if (practice.isNeutral(date)) {
      return new Stroke(date, Mark.REST, 0);
    }
    if (date.isAfter(practice.today())) {
      return new Stroke(date, Mark.AHEAD, 0);
    }
    return switch (practice.on(date)) {
      case OPEN -> new Stroke(date, Mark.OPEN, 0);
      case MISSED ->
          new Stroke(date, streak.forgiven().contains(date) ? Mark.FORGIVEN : Mark.GAP, 0);
      case PRACTISED, NEUTRAL -> new Stroke(date, Mark.GAP, 0);
    };
  }
}
