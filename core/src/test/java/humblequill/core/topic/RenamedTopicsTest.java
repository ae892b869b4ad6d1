package humblequill.core.topic;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RenamedTopicsTest {
  private static Topic topic(String name, List<String> needs, String... alsoCalled) {
    return new Topic(name, "area", needs, List.of(alsoCalled));
  }

  private static List<Topic> follow(Map<String, String> renamed, Topic... topics) {
    var all = List.of(topics);
    var names = new RenamedTopics(all, renamed);
    return all.stream().map(names::follow).toList();
  }

  @Test
  void what_needs_a_topic_needs_it_under_its_new_name_and_its_old_one_still_leads_to_it() {
    var now =
        follow(
            Map.of("lines", "strokes"),
            topic("strokes", List.of(), "line work"),
            topic("angles", List.of("lines")),
            topic("boxes", List.of("angles", "lines")));
    assertThat(now)
        .containsExactly(
            topic("strokes", List.of(), "line work", "lines"),
            topic("angles", List.of("strokes")),
            topic("boxes", List.of("angles", "strokes")));
    assertThat(new TopicGraph(now).find("Lines")).contains(now.get(0));
  }

  @Test
  void a_name_that_another_topic_took_over_means_that_one() {
    assertThat(
            follow(
                Map.of("lines", "strokes", "contour", "lines"),
                topic("strokes", List.of()),
                topic("lines", List.of("strokes")),
                topic("angles", List.of("lines"))))
        .containsExactly(
            topic("strokes", List.of()),
            topic("lines", List.of("strokes"), "contour"),
            topic("angles", List.of("lines")));
  }

  @Test
  void a_name_that_is_only_written_otherwise_is_no_other_name() {
    assertThat(
            follow(
                Map.of("lines", "Lines"),
                topic("Lines", List.of()),
                topic("boxes", List.of("lines"))))
        .containsExactly(topic("Lines", List.of()), topic("boxes", List.of("Lines")));
  }

  @Test
  void a_topic_that_gets_its_old_name_back_is_not_called_so_twice() {
    assertThat(follow(Map.of("strokes", "lines"), topic("lines", List.of(), "lines")))
        .containsExactly(topic("lines", List.of(), "strokes"));
  }
}
