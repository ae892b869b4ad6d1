package humblequill.core.course.plan;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Ledger;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Tells what a week needs that was never touched. Common practice, no published source. */
public final class Prerequisites {
  private Prerequisites() {}

  /**
   * A need that was not touched.
   *
   * @param weekKey the week that needs it
   * @param topic its topic that needs it
   * @param need the topic of which nothing was drawn so far
   */
  public record Untouched(String weekKey, String topic, String need) {}

  /**
   * Needs of weeks from today on that were never touched and do not come up in the plan before
   * them; a course for the habit alone has none.
   *
   * @param ledger all that was drawn
   * @param weeksAhead how many weeks from the current one on
   */
  public static List<Untouched> untouched(
      Placement plan, TopicGraph graph, Ledger ledger, LocalDate today, int weeksAhead) {
    if (plan.course().habit()) {
      return List.of();
    }
    var touched =
        ledger.topicsTouched().stream()
            .flatMap(name -> graph.find(name).stream())
            .map(Topic::name)
            .collect(Collectors.toSet());
    var untouched = new ArrayList<Untouched>();
    var covered = new HashSet<String>();
    int looked = 0;
    for (var week : plan.weeks()) {
      if (week.to().isBefore(today)) {
        continue;
      }
      if (looked++ == weeksAhead) {
        break;
      }
      var topics = topics(week, graph);
      covered.addAll(topics);
      var named = new HashSet<String>();
      for (var topic : topics) {
        for (var need : graph.find(topic).map(Topic::needs).orElse(List.of())) {
          if (!covered.contains(need) && !touched.contains(need) && named.add(need)) {
            untouched.add(new Untouched(week.key(), topic, need));
          }
        }
      }
    }
    return untouched;
  }

  private static Set<String> topics(PlacedWeek week, TopicGraph graph) {
    var names = new LinkedHashSet<String>();
    for (var exercise : week.week().exercises()) {
      week.week()
          .topicsOf(exercise)
          .forEach(t -> graph.find(t).ifPresent(f -> names.add(f.name())));
    }
    week.week().topics().forEach(t -> graph.find(t).ifPresent(f -> names.add(f.name())));
    return names;
  }
}
