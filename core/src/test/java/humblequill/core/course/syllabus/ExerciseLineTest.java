package humblequill.core.course.syllabus;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.ExerciseKind;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.logline.Habits;
import humblequill.core.day.logline.Language;
import humblequill.core.day.logline.LogLine;
import humblequill.core.day.logline.Vocabulary;
import humblequill.core.day.logline.Word;
import humblequill.core.day.logline.WordKind;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** Figures by hand: 200 gestures of 90 s are 300 min. */
class ExerciseLineTest {
  private static final LogLine READER =
      new LogLine(
          new Vocabulary(
              List.of(
                  Word.of(WordKind.TOPIC, "gesture"),
                  Word.of(WordKind.TOPIC, "hands"),
                  Word.of(WordKind.TOPIC, "hulls"),
                  Word.of(WordKind.SOURCE, "photo"),
                  Word.of(WordKind.RESOURCE, "the patient eye")),
              Language.of(Locale.ENGLISH)),
          (exercise, topic) -> Habits.NONE);

  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  /** Five times 40 min for 6 hulls, 400 s each; hands for 45 min in each of two weeks. */
  private static OwnFigures own() {
    var drawn = new ArrayList<Drawn>();
    for (int i = 0; i < 5; i++) {
      drawn.add(Drawns.of(MONDAY.plusDays(i), "hulls", 6, 40));
    }
    drawn.add(Drawns.of(MONDAY, "hands", 3, 45));
    drawn.add(Drawns.of(MONDAY.minusDays(3), "hands", 3, 45));
    return new OwnFigures(
        Ledger.of(drawn),
        new TopicGraph(
            List.of(
                new Topic("hulls", "Boats", List.of(), List.of()),
                new Topic("hands", "People", List.of(), List.of()))),
        DayOfWeek.MONDAY);
  }

  private static ExerciseLine read(String line, String week) {
    return ExerciseLine.of(line, week, READER, LocalDate.of(2026, 3, 5), own());
  }

  @Test
  void count_and_length_are_read_as_in_the_log_line() {
    var line = read("200 gestures, 90 s each, photo", "Poses");
    assertThat(line.drawings()).contains(200);
    assertThat(line.secondsEach()).isEqualTo(90);
    assertThat(line.source()).contains("photo");
    assertThat(line.topic()).contains("gesture");
    assertThat(line.kind()).isEqualTo(ExerciseKind.TIMED_POSES);
    assertThat(line.title()).isEqualTo("Gesture");
    assertThat(line.proposed()).isEmpty();
  }

  @Test
  void a_lesson_is_read_with_its_resource() {
    var line = read("lesson 4 of the patient eye", "Seeing");
    assertThat(line.title()).isEqualTo("Lesson 4 of the patient eye");
    assertThat(line.resource()).contains("the patient eye");
    assertThat(line.kind()).isEqualTo(ExerciseKind.LESSON);
    assertThat(line.minutes()).contains(60);
    assertThat(line.proposed()).containsExactly(ExerciseLine.Proposed.COUNT);
  }

  @Test
  void what_is_left_out_is_proposed_from_own_figures() {
    var hands = read("hands", "Parts");
    assertThat(hands.topic()).contains("hands");
    assertThat(hands.minutes()).as("(2 × 45 + 5 × 60) ÷ 7 = 55.7").contains(56);
    assertThat(hands.proposed()).containsExactly(ExerciseLine.Proposed.COUNT);
    var hulls = read("12 hulls", "Boats");
    assertThat(hulls.secondsEach()).as("(5 × 400 + 5 × 180) ÷ 10").isEqualTo(290);
    assertThat(hulls.proposed()).containsExactly(ExerciseLine.Proposed.LENGTH);
    var remark = read("sections, cut across, 40 min", "Hulls");
    assertThat(remark.topic()).contains("hulls");
    assertThat(remark.minutes()).contains(40);
    assertThat(remark.proposed()).containsExactly(ExerciseLine.Proposed.TOPIC);
  }

  @Test
  void no_line_is_too_odd_to_be_an_exercise() {
    for (var odd : List.of("?!", "999999999 x", "a".repeat(3000), "\u0001\u0003", "-5 hulls")) {
      assertThat(read(odd, "").title()).isNotBlank();
    }
  }
}
