package humblequill.core.course.syllabus;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Ways of noting a syllabus. Common practice, no published source. */
class PlainLinesTest {
  private static List<String> weeks(String text) {
    return PlainLines.of(text).weeks().stream().map(w -> w.title() + ": " + w.lines()).toList();
  }

  @Test
  void weeks_by_name_with_bullets() {
    var text =
        """
        Week 1: Lines
        - 70 lines, 1 min each
        * plumb line checks, 40 min

        Week 2 - Boxes
        1. 20 boxes
        week 3
        Week 4: Hulls
        hulls
        """;
    assertThat(weeks(text))
        .containsExactly(
            "Lines: [70 lines, 1 min each, plumb line checks, 40 min]",
            "Boxes: [20 boxes]",
            ": []",
            "Hulls: [hulls]");
    assertThat(PlainLines.of(text).empty()).containsExactly(3);
    assertThat(PlainLines.of(text).weeks().get(3).number()).contains(4);
  }

  @Test
  void weeks_by_blank_lines() {
    assertThat(weeks("Lines:\n70 lines\nplumb lines\n\n---\n\nBoxes\n\t20 boxes\n"))
        .containsExactly("Lines: [70 lines, plumb lines]", "Boxes: [20 boxes]");
  }

  @Test
  void weeks_by_number_with_lines_below() {
    assertThat(weeks("1. Lines\n   - 70 lines\n2) Boxes\n   - 20 boxes\n   - hands\n3. Rest"))
        .containsExactly("Lines: [70 lines]", "Boxes: [20 boxes, hands]", "Rest: []");
    assertThat(PlainLines.of("1. Lines\n - 70 lines\n3. Rest").empty()).containsExactly(3);
  }

  @Test
  void a_list_alone_is_one_week() {
    assertThat(weeks("- 200 gestures\n- hands")).containsExactly(": [200 gestures, hands]");
    assertThat(weeks("1. 200 gestures\n2. hands")).containsExactly(": [200 gestures, hands]");
    assertThat(weeks("")).isEmpty();
    assertThat(weeks("\n \n***\n")).isEmpty();
  }
}
