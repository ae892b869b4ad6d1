package humblequill.core.course;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.junit.jupiter.api.Test;

class CourseMergeTest {
  private static final TopicGraph TOPICS =
      new TopicGraph(
          List.of(
              topic("lines"),
              topic("ellipses", "lines"),
              topic("boxes", "lines"),
              topic("cylinders", "ellipses"),
              topic("hulls", "boxes", "cylinders")));

  private static Topic topic(String name, String... needs) {
    return new Topic(name, "area", List.of(needs), List.of());
  }

  private static Course course(String id, String... topics) {
    var weeks = new ArrayList<CourseWeek>();
    for (var topic : topics) {
      weeks.add(week(topic + " of " + id, List.of(topic), drill(topic, 10, 60)));
    }
    return new Course(id, "Course " + id, "", weeks);
  }

  private static CourseMerge.Result merge(Course a, Course b, String... decided) {
    return CourseMerge.merge(a, b, TOPICS, Set.of(decided), "m", "Merged");
  }

  private static List<String> titles(CourseMerge.Result result) {
    return result.course().weeks().stream().map(CourseWeek::title).toList();
  }

  @Test
  void weeks_of_the_same_topic_join_and_keep_both_sources() {
    var result = merge(course("a", "lines", "boxes"), course("b", "lines", "ellipses"));
    assertThat(result.joined()).isEqualTo(1);
    assertThat(titles(result))
        .containsExactly("lines of a · lines of b", "boxes of a", "ellipses of b");
    var lines = result.course().weeks().get(0);
    assertThat(lines.resources()).containsExactly("Course a, week 1", "Course b, week 1");
    assertThat(lines.exercises()).extracting(Exercise::id).containsExactly("lines", "lines-2");
    assertThat(result.conflicts()).isEmpty();
  }

  @Test
  void what_a_topic_needs_comes_first_and_the_conflict_can_be_decided() {
    var result = merge(course("a", "hulls", "lines"), course("b", "cylinders"));
    assertThat(titles(result)).containsExactly("lines of a", "cylinders of b", "hulls of a");
    assertThat(result.conflicts()).hasSize(1);
    var conflict = result.conflicts().get(0);
    assertThat(conflict.reason()).isEqualTo(CourseMerge.Reason.FIRST_COURSE);
    assertThat(conflict.earlier()).isEqualTo("hulls of a");
    var decided = merge(course("a", "hulls", "lines"), course("b", "cylinders"), conflict.id());
    assertThat(titles(decided).indexOf("hulls of a"))
        .isLessThan(titles(decided).indexOf("lines of a"));
    assertThat(decided.conflicts()).anyMatch(CourseMerge.Conflict::decided);
  }

  /** Against a graph library: every need between topics of the result is kept. */
  @Property(tries = 300)
  void the_order_is_a_topological_one(@ForAll long seed) {
    var random = new Random(seed);
    var names = new ArrayList<>(List.of("lines", "ellipses", "boxes", "cylinders", "hulls"));
    Collections.shuffle(names, random);
    var a = course("a", names.subList(0, 3).toArray(String[]::new));
    Collections.shuffle(names, random);
    var b = course("b", names.subList(0, 3).toArray(String[]::new));
    var result = merge(a, b);
    var dag = new DirectedAcyclicGraph<String, DefaultEdge>(DefaultEdge.class);
    TOPICS.topics().forEach(t -> dag.addVertex(t.name()));
    TOPICS.topics().forEach(t -> t.needs().forEach(n -> dag.addEdge(n, t.name())));
    var order = result.course().weeks().stream().map(w -> w.topics().get(0)).toList();
    for (int i = 0; i < order.size(); i++) {
      var before = order.subList(0, i);
      assertThat(dag.getDescendants(order.get(i))).noneMatch(before::contains);
    }
    assertThat(result.course().weeks()).hasSize(6 - result.joined());
    assertThat(merge(a, b).course()).isEqualTo(result.course());
  }
}
