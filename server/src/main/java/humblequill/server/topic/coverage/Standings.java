package humblequill.server.topic.coverage;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.Ledger;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import humblequill.core.topic.coverage.FreshnessRule;
import humblequill.core.topic.coverage.PlannedTopic;
import humblequill.core.topic.coverage.TopicStanding;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
import humblequill.server.topic.TopicService;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How every topic stands, made once for as long as nothing it rests on changes. */
@Component
public class Standings {
  private final EntryLedger ledger;
  private final PlacementService placements;
  private final TopicService topics;
  private final Derived<Known> known = new Derived<>();

  Standings(EntryLedger ledger, PlacementService placements, TopicService topics) {
    this.ledger = ledger;
    this.placements = placements;
    this.topics = topics;
  }

  /**
   * All topics on a day.
   *
   * @param followed the main course before the one beside it
   * @param planned what plans still hold of each topic, the earliest first
   * @param standing by the topic's present name: all of the learner's topics, and all touched ones
   */
  public record Known(
      LocalDate today,
      FreshnessRule rule,
      Ledger ledger,
      TopicGraph graph,
      List<PlacedCourse> followed,
      Map<String, List<PlannedTopic>> planned,
      Map<String, TopicStanding> standing) {
    /** A topic that may be of the learner's own words alone. */
    public TopicStanding of(String topic) {
      var name = called(graph, topic);
      var found = standing.get(name);
      return found != null
          ? found
          : TopicStanding.of(name, ledger, planned.containsKey(name), today, rule);
    }

    /** The course that comes first, if any is followed. */
    Optional<PlacedCourse> inFront() {
      return PlacedCourse.inFrontFirst(followed, today).stream().findFirst();
    }

    List<PlannedTopic> plannedOf(String topic) {
      return planned.getOrDefault(topic, List.of());
    }
  }

  static String called(TopicGraph graph, String topic) {
    return graph.find(topic).map(Topic::name).orElse(topic);
  }

  @Transactional(readOnly = true)
  public Known of(Learner learner) {
    var drawn = ledger.read();
    var followed = placements.followed();
    var graph = topics.graph();
    return known.get(
        List.of(drawn, followed, graph, learner.today(), learner.freshness()),
        () -> known(learner, drawn, followed, graph));
  }

  private static Known known(
      Learner learner, Ledger drawn, List<PlacedCourse> followed, TopicGraph graph) {
    var today = learner.today();
    var rule = learner.freshness();
    var planned =
        PlannedTopic.of(followed, drawn, today).stream()
            .collect(Collectors.groupingBy(p -> called(graph, p.topic())));
    var names = new LinkedHashSet<String>();
    graph.topics().forEach(t -> names.add(t.name()));
    names.addAll(drawn.topicsTouched());
    names.addAll(planned.keySet());
    var standing = new HashMap<String, TopicStanding>();
    names.forEach(
        name ->
            standing.put(
                name, TopicStanding.of(name, drawn, planned.containsKey(name), today, rule)));
    return new Known(today, rule, drawn, graph, followed, planned, standing);
  }
}
