package humblequill.core.course;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
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
    return merge(a, b, new CourseMerge.Decisions(Set.of(decided), Map.of()));
  }

  private static CourseMerge.Result merge(Course a, Course b, CourseMerge.Decisions decisions) {
    return CourseMerge.merge(a, b, TOPICS, decisions, "m", "Merged");
  }

  private static List<String> titles(CourseMerge.Result result) {
    return result.course().weeks().stream().map(CourseWeek::title).toList();
  }

  @Test
  void weeks_of_the_same_topic_join_and_keep_both_sources() {
    var result = merge(course("a", "lines", "boxes"), course("b", "lines", "ellipses"));
    assertThat(result.joins())
        .containsExactly(
            new CourseMerge.Join("a1+b1", 1, "lines of a", "lines of b", JoinedWeek.As.BOTH));
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

  /** Its author put hulls before boxes; the other course knows nothing of either. */
  @Test
  void what_a_course_does_itself_in_its_own_order_is_no_conflict() {
    var result = merge(course("a", "hulls", "boxes"), course("b", "cylinders", "ellipses"));
    assertThat(titles(result).indexOf("hulls of a"))
        .isLessThan(titles(result).indexOf("boxes of a"));
    assertThat(titles(result).indexOf("cylinders of b"))
        .isLessThan(titles(result).indexOf("hulls of a"));
    assertThat(result.conflicts()).isEmpty();
  }

  /** The redraw touches everything, so that everything would have to wait for it. */
  @Test
  void a_final_redraw_stays_last_and_keeps_nothing_waiting() {
    var redraw =
        new Course(
            "a",
            "Course a",
            "",
            List.of(
                week("Lines", List.of("lines"), drill("l", 10, 60)),
                week("Once more", List.of("boxes", "ellipses"), drill("r", 10, 60))),
            Optional.of(new Baseline(List.of("a boat"), 20, Set.of(Baseline.Moment.END))));
    for (var result :
        List.of(
            merge(redraw, course("b", "cylinders", "hulls")),
            merge(course("b", "cylinders", "hulls"), redraw))) {
      assertThat(titles(result))
          .containsExactly("Lines", "cylinders of b", "hulls of b", "Once more");
      assertThat(result.conflicts()).isEmpty();
    }
  }

  @Test
  void weeks_of_the_same_topic_become_the_richer_one_a_part_of_each_or_two() {
    var a = new Course("a", "A", "", List.of(week("Long", List.of("lines"), drill("x", 30, 60))));
    var b = new Course("b", "B", "", List.of(week("Short", List.of("lines"), drill("y", 10, 60))));
    assertThat(joined(a, b, JoinedWeek.As.RICHER).exercises())
        .extracting(Exercise::id)
        .containsExactly("x");
    assertThat(joined(b, a, JoinedWeek.As.RICHER).exercises())
        .extracting(Exercise::id)
        .containsExactly("x");
    // 30 of 40 minutes: three quarters of each, 22 and 7.
    assertThat(joined(a, b, JoinedWeek.As.PART_OF_EACH).exercises())
        .extracting(e -> e.target().quantity())
        .containsExactly(22, 7);
    var two =
        merge(a, b, new CourseMerge.Decisions(Set.of(), Map.of("a1+b1", JoinedWeek.As.TWO_WEEKS)));
    assertThat(titles(two)).containsExactly("Long", "Short");
    assertThat(two.joins())
        .extracting(CourseMerge.Join::as)
        .containsExactly(JoinedWeek.As.TWO_WEEKS);
  }

  @Test
  void a_topic_that_comes_back_much_later_is_not_joined() {
    var result = merge(course("a", "lines", "boxes", "hulls"), course("b", "x", "y", "lines"));
    assertThat(result.joins()).isEmpty();
    assertThat(titles(result).get(5)).isEqualTo("lines of b");
  }

  private static CourseWeek joined(Course a, Course b, JoinedWeek.As as) {
    var result = merge(a, b, new CourseMerge.Decisions(Set.of(), Map.of("a1+b1", as)));
    assertThat(result.course().weeks()).hasSize(1);
    return result.course().weeks().get(0);
  }

  /**
   * Against a graph library: what a topic needs was touched before, unless one of the courses has
   * the two the other way itself.
   */
  @Property(tries = 300)
  void the_order_is_a_topological_one(@ForAll long seed) {
    var random = new Random(seed);
    var names = new ArrayList<>(List.of("lines", "ellipses", "boxes", "cylinders", "hulls"));
    Collections.shuffle(names, random);
    var ofA = List.copyOf(names.subList(0, 3));
    Collections.shuffle(names, random);
    var ofB = List.copyOf(names.subList(0, 3));
    var a = course("a", ofA.toArray(String[]::new));
    var b = course("b", ofB.toArray(String[]::new));
    var result = merge(a, b);
    var dag = new DirectedAcyclicGraph<String, DefaultEdge>(DefaultEdge.class);
    TOPICS.topics().forEach(t -> dag.addVertex(t.name()));
    TOPICS.topics().forEach(t -> t.needs().forEach(n -> dag.addEdge(n, t.name())));
    var order = result.course().weeks().stream().map(w -> w.topics().get(0)).toList();
    for (int i = 0; i < order.size(); i++) {
      for (var before : order.subList(0, i)) {
        boolean turned = dag.getDescendants(order.get(i)).contains(before);
        boolean again = order.subList(0, i).contains(order.get(i));
        assertThat(!turned || again || isOwn(ofA, ofB, before, order.get(i)))
            .as("%s %s %s", ofA, ofB, order)
            .isTrue();
      }
    }
    assertThat(result.course().weeks()).hasSize(6 - result.joins().size());
    assertThat(merge(a, b).course()).isEqualTo(result.course());
  }

  /** Whether one of the courses has both in this order. */
  private static boolean isOwn(List<String> ofA, List<String> ofB, String one, String other) {
    return Stream.of(ofA, ofB).anyMatch(c -> c.contains(one) && c.indexOf(one) < c.indexOf(other));
  }
}
