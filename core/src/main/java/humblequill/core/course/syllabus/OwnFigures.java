package humblequill.core.course.syllabus;

import humblequill.core.day.entry.Ledger;
import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.stats.ShrunkMedian;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import humblequill.core.topic.coverage.MoreOfIt;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The learner's own figures, from which a course's lines are completed: medians, drawn toward what
 * is usual while there are few (see {@link ShrunkMedian}).
 *
 * @param ledger everything drawn
 * @param topics the learner's topics
 */
public record OwnFigures(Ledger ledger, TopicGraph topics, DayOfWeek weekStart) {
  private static final int USUAL_MINUTES_A_WEEK = 60;

  /** Seconds that one drawing takes. */
  int secondsEach(Optional<String> topic) {
    var drawn =
        topic.map(t -> ledger.all().filter(d -> d.topics().contains(t)).toList()).orElse(List.of());
    return MoreOfIt.pace(drawn).secondsEach();
  }

  /** Minutes of a week in which the topic is drawn. */
  int minutesAWeek(Optional<String> topic) {
    var weeks = new TreeMap<LocalDate, Integer>();
    topic.ifPresent(
        t ->
            ledger
                .minutesOf(t)
                .byDay()
                .forEach((day, m) -> weeks.merge(Weeks.startOf(day, weekStart), m, Integer::sum)));
    var minutes = weeks.values().stream().filter(m -> m > 0).toList();
    return (int) Math.round(ShrunkMedian.of(minutes, USUAL_MINUTES_A_WEEK).value());
  }

  /** The topic that a week's title names. */
  Optional<String> topicOf(String title) {
    return topics.find(title).map(Topic::name);
  }
}
