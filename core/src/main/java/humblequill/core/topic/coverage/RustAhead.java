package humblequill.core.topic.coverage;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Rusty topics that weeks to come stand on. */
public final class RustAhead {
  /** How many weeks ahead are looked at. */
  public static final int WEEKS = 2;

  private RustAhead() {}

  /**
   * A rusty topic that is needed soon.
   *
   * @param neededFor the topic of the week that stands on it; the topic itself where it comes up
   * @param week key of the week
   * @param number of the week, where the course has one
   * @param from first day of the week
   */
  public record Needed(
      TopicStanding standing,
      String neededFor,
      String week,
      Optional<Integer> number,
      String title,
      LocalDate from) {}

  /**
   * What the next {@value #WEEKS} weeks need and is rusty, the earliest week first, in it the most
   * faded; each once.
   */
  public static List<Needed> of(
      Placement plan, TopicGraph graph, Function<String, TopicStanding> standing, LocalDate today) {
    var found = new ArrayList<Needed>();
    var named = new HashSet<String>();
    plan.weeks().stream()
        .filter(w -> w.from().isAfter(today))
        .limit(WEEKS)
        .forEach(
            week -> {
              var inWeek = new ArrayList<Needed>();
              for (var topic : topics(week, graph)) {
                var needs = new LinkedHashSet<>(graph.allNeeds(topic));
                needs.add(topic);
                for (var need : needs) {
                  var stands = standing.apply(need);
                  if (stands.state() == TopicState.RUSTY && named.add(need)) {
                    inWeek.add(
                        new Needed(
                            stands,
                            topic,
                            week.key(),
                            week.number(),
                            week.week().title(),
                            week.from()));
                  }
                }
              }
              inWeek.sort(
                  Comparator.comparing(n -> n.standing().freshness().orElseThrow().value()));
              found.addAll(inWeek);
            });
    return found;
  }

  private static Set<String> topics(PlacedWeek week, TopicGraph graph) {
    var names = new LinkedHashSet<>(week.week().topics());
    week.week().exercises().forEach(e -> names.addAll(week.week().topicsOf(e)));
    var known = new LinkedHashSet<String>();
    names.forEach(n -> known.add(graph.find(n).map(t -> t.name()).orElse(n)));
    return known;
  }
}
