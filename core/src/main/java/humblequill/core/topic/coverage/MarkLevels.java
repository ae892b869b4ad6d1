package humblequill.core.topic.coverage;

import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.stats.ChangePoints;
import humblequill.core.ground.stats.MannKendall;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/**
 * How marks of a topic went while more and more of it was drawn: one value, the mean, of each week
 * with a mark.
 *
 * @param order whether they rise or fall, week after week
 * @param levels the first and each that followed; one where no change can be told, none without
 *     marks
 */
public record MarkLevels(MannKendall order, List<MarkLevel> levels) {
  /** Weeks with a mark that a level lasts at least. */
  private static final int LEAST = 3;

  private static final int FEW = 50;
  private static final int MANY = 200;

  public MarkLevels {
    levels = List.copyOf(levels);
  }

  /**
   * A level that marks stayed at.
   *
   * @param from first day of its first week
   * @param drawings made of the topic before it
   * @param about the same as it is said: in steps of 5 below fifty, of 10 below two hundred, of 50
   *     from there on
   * @param mean of its weeks
   */
  public record MarkLevel(LocalDate from, int drawings, int about, double mean) {}

  /** The levels of some marks, the oldest first. */
  static MarkLevels of(List<TopicRecord.MarkPoint> marks, DayOfWeek weekStart) {
    var weeks = new TreeMap<LocalDate, List<TopicRecord.MarkPoint>>();
    marks.forEach(
        m ->
            weeks
                .computeIfAbsent(Weeks.startOf(m.day(), weekStart), w -> new ArrayList<>())
                .add(m));
    double[] means =
        weeks.values().stream()
            .mapToDouble(
                w -> w.stream().mapToInt(TopicRecord.MarkPoint::mark).average().orElseThrow())
            .toArray();
    var begins = new ArrayList<Integer>();
    if (means.length > 0) {
      begins.add(0);
    }
    begins.addAll(ChangePoints.of(means, LEAST));
    var days = List.copyOf(weeks.keySet());
    var levels = new ArrayList<MarkLevel>();
    for (int i = 0; i < begins.size(); i++) {
      int begin = begins.get(i);
      int end = i + 1 < begins.size() ? begins.get(i + 1) : means.length;
      int before = begin == 0 ? 0 : drawnBy(weeks.get(days.get(begin - 1)));
      levels.add(new MarkLevel(days.get(begin), before, about(before), mean(means, begin, end)));
    }
    return new MarkLevels(MannKendall.of(means), levels);
  }

  private static int drawnBy(List<TopicRecord.MarkPoint> week) {
    return week.get(week.size() - 1).drawings();
  }

  private static int about(int drawings) {
    int step = drawings < FEW ? 5 : drawings < MANY ? 10 : 50;
    return step * Math.round(drawings / (float) step);
  }

  private static double mean(double[] values, int begin, int end) {
    double sum = 0;
    for (int i = begin; i < end; i++) {
      sum += values[i];
    }
    return sum / (end - begin);
  }
}
