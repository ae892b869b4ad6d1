package humblequill.core.topic.coverage;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * Topics of a course that come up in one week and never again, and where short returns would keep
 * them. Common practice, no published source: a return after some two weeks and another after some
 * six.
 */
public final class Spacing {
  private static final int[] AFTER_WEEKS = {2, 6};

  private Spacing() {}

  /**
   * A topic that comes up once.
   *
   * @param week key of its week
   * @param number of its week, where the course has one
   * @param returns keys of weeks to come in which it could return; none where the course ends
   */
  public record Once(String topic, String week, Optional<Integer> number, List<String> returns) {}

  /**
   * Topics that come up in just one week.
   *
   * @param called the present name of a topic
   */
  public static List<Once> of(Placement plan, UnaryOperator<String> called, LocalDate today) {
    Map<String, List<Integer>> places = new LinkedHashMap<>();
    for (int i = 0; i < plan.weeks().size(); i++) {
      for (var topic : topics(plan.weeks().get(i), called)) {
        places.computeIfAbsent(topic, t -> new ArrayList<>()).add(i);
      }
    }
    var once = new ArrayList<Once>();
    places.forEach(
        (topic, at) -> {
          if (at.size() == 1) {
            var week = plan.weeks().get(at.get(0));
            once.add(new Once(topic, week.key(), week.number(), returns(plan, at.get(0), today)));
          }
        });
    return once;
  }

  /** Topics of a week and of its exercises. */
  public static Set<String> topics(PlacedWeek week, UnaryOperator<String> called) {
    var names = new LinkedHashSet<String>();
    week.week().topics().forEach(t -> names.add(called.apply(t)));
    week.week()
        .exercises()
        .forEach(e -> week.week().topicsOf(e).forEach(t -> names.add(called.apply(t))));
    return names;
  }

  private static List<String> returns(Placement plan, int at, LocalDate today) {
    var weeks = plan.weeks();
    var found = new ArrayList<String>();
    for (int after : AFTER_WEEKS) {
      int place = at + after;
      while (place < weeks.size() && weeks.get(place).to().isBefore(today)) {
        place++;
      }
      if (place < weeks.size() && !found.contains(weeks.get(place).key())) {
        found.add(weeks.get(place).key());
      }
    }
    return found;
  }
}
