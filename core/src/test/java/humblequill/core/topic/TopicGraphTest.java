package humblequill.core.topic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.junit.jupiter.api.Test;

class TopicGraphTest {
  private static Topic topic(String name, String... needs) {
    return new Topic(name, "area", List.of(needs), List.of());
  }

  @Test
  void a_circle_is_refused_and_named() {
    assertThatThrownBy(
            () ->
                new TopicGraph(
                    List.of(topic("lines"), topic("a", "c"), topic("b", "a"), topic("c", "b"))))
        .isInstanceOf(BrokenTopicsException.class)
        .hasMessageContaining("a → c → b → a");
    assertThatThrownBy(() -> new TopicGraph(List.of(topic("a", "a"))))
        .hasMessageContaining("a → a");
  }

  @Test
  void what_is_not_there_or_there_twice_is_refused() {
    assertThatThrownBy(() -> new TopicGraph(List.of(topic("a", "b"))))
        .hasMessageContaining("topic=a, need=b");
    assertThatThrownBy(() -> new TopicGraph(List.of(topic("a"), topic("a"))))
        .hasMessageContaining("topic.topicTwice");
    var spelled = new Topic("c", "area", List.of(), List.of("A"));
    assertThatThrownBy(() -> new TopicGraph(List.of(topic("a"), spelled)))
        .hasMessageContaining("topic.meansBoth");
    assertThatThrownBy(() -> new TopicGraph(List.of(topic("boxes"), topic("Box"))))
        .hasMessageContaining("topic.oneName one=boxes, other=Box");
  }

  @Test
  void other_spellings_lead_to_the_topic() {
    var rope = new Topic("rope and nets", "objects", List.of(), List.of("knots"));
    assertThat(new TopicGraph(List.of(rope)).find("Knots")).contains(rope);
  }

  /** Against a graph library: the same orders are allowed, the same circles are found. */
  @Property(tries = 500)
  void agrees_with_a_graph_library(@ForAll long seed, @ForAll @IntRange(min = 1, max = 14) int n) {
    var random = new Random(seed);
    var topics = new ArrayList<Topic>();
    var library = new SimpleDirectedGraph<String, DefaultEdge>(DefaultEdge.class);
    for (int i = 0; i < n; i++) {
      library.addVertex("t" + i);
    }
    for (int i = 0; i < n; i++) {
      var needs = new ArrayList<String>();
      for (int j = 0; j < n; j++) {
        boolean backwards = j > i;
        if (j != i && random.nextInt(backwards ? 40 : 4) == 0) {
          needs.add("t" + j);
          library.addEdge("t" + j, "t" + i);
        }
      }
      topics.add(topic("t" + i, needs.toArray(String[]::new)));
    }
    if (new CycleDetector<>(library).detectCycles()) {
      assertThatThrownBy(() -> new TopicGraph(topics)).isInstanceOf(BrokenTopicsException.class);
      return;
    }
    var graph = new TopicGraph(topics);
    var dag = new DirectedAcyclicGraph<String, DefaultEdge>(DefaultEdge.class);
    library.vertexSet().forEach(dag::addVertex);
    library.edgeSet().forEach(e -> dag.addEdge(library.getEdgeSource(e), library.getEdgeTarget(e)));
    var order = graph.inOrder();
    for (var topic : topics) {
      assertThat(graph.allNeeds(topic.name())).isEqualTo(dag.getAncestors(topic.name()));
      for (var need : dag.getAncestors(topic.name())) {
        assertThat(order.indexOf(need)).isLessThan(order.indexOf(topic.name()));
      }
    }
    assertThat(order).hasSize(n);
  }
}
