package humblequill.server.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import humblequill.core.course.Baseline;
import humblequill.core.course.Exercise;
import humblequill.server.ground.message.Words;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The open course format: what is read, and where a broken file is said to be broken. */
class CourseFormatTest {
  private static final String WHOLE =
      """
      format: 2
      id: c
      title: C
      baseline: {subjects: [a gull], minutesEach: 15, again: [end]}
      weeks:
        - title: W
          topics: [boxes]
          resources: [a book]
          exercises:
            - {id: a, title: A, kind: lesson, minutes: 30, chunk: 10, on: first-day}
            - {id: b, title: B, kind: timed-poses, drawings: 9, minutesEach: 1.5, after: a, topics: [gesture]}
            - {id: d, title: D, kind: checkpoint, drawings: 1, minutesEach: 20, again: a, on: last-day}
      """;

  private final CourseFormat format = new CourseFormat();

  @Test
  void every_field_is_read() throws Exception {
    var course = format.parse(WHOLE).course();
    assertThat(course.baseline().orElseThrow().again()).containsExactly(Baseline.Moment.END);
    var week = course.weeks().get(0);
    assertThat(week.resources()).containsExactly("a book");
    var a = week.exercises().get(0);
    assertThat(a.target()).isEqualTo(Exercise.Target.minutes(30, a.chunk()));
    assertThat(a.secondsEach()).isEqualTo(60);
    assertThat(a.on()).contains(Exercise.Pinned.FIRST_DAY);
    var b = week.exercises().get(1);
    assertThat(b.secondsEach()).isEqualTo(90);
    assertThat(b.after()).contains("a");
    assertThat(week.topicsOf(b)).containsExactly("gesture");
    assertThat(week.topicsOf(a)).containsExactly("boxes");
    assertThat(week.exercises().get(2).again()).contains("a");
    assertThat(a.again()).isEqualTo(Optional.empty());
  }

  @Test
  void a_course_written_and_read_again_is_the_same() throws Exception {
    var course = format.parse(WHOLE).course();
    assertThat(format.parse(CourseFormat.document(course)).course()).isEqualTo(course);
    assertThat(format.parse(CourseFormat.yaml(CourseFormat.document(course))).course())
        .isEqualTo(course);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "id: c | id: C D | id",
        "format: 2 | format: 3 | format",
        "minutesEach: 15 | minutesEach: 0 | baseline.minutesEach",
        "[a gull] | [] | baseline.subjects",
        "again: [end] | again: [later] | baseline.again[0]",
        "again: [end] | again: [middle] | baseline.again",
        "kind: lesson | kind: nap | weeks[0].exercises[0].kind",
        "chunk: 10 | chunk: 0 | weeks[0].exercises[0].chunk",
        "on: first-day | on: Monday | weeks[0].exercises[0].on",
        "drawings: 9, | drawings: 9.5, | weeks[0].exercises[1].drawings",
        "minutesEach: 1.5 | minutesEach: 0 | weeks[0].exercises[1].minutesEach",
        "after: a | after: z | weeks[0].exercises[1].after",
        "after: a | after: b | weeks[0].exercises[1].after",
        "again: a | again: z | weeks[0].exercises[2].again",
        "id: b | id: a | weeks[0].exercises[1].id",
        "minutes: 30, | minutes: 30, drawings: 3, | weeks[0].exercises[0]"
      })
  void a_broken_file_is_refused_at_its_place(String good, String bad, String path) {
    var broken =
        catchThrowableOfType(
            CourseFormat.Broken.class, () -> format.parse(WHOLE.replace(good, bad)));
    assertThat(broken.path()).isEqualTo(path);
    assertThat(broken).message().isNotBlank();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "format: 2 | form: 2 | format | it is missing",
        "id: c | id: C D | id | it takes small letters a to z, figures and single hyphens, not \"C D\"",
        "[a gull] | [] | baseline, subjects | it must not be empty",
        "again: [end] | again: [later] | baseline, again 1 | it must be one of \"middle\", \"end\", not \"later\"",
        "drawings: 9, | drawings: many, | week 1, exercise 2, drawings | it must be a whole number, not \"many\"",
        "drawings: 9, | drawings: 9.5, | week 1, exercise 2, drawings | it must be a whole number, not 9.5",
        "minutesEach: 1.5 | minutesEach: 100000 | week 1, exercise 2, minutesEach | it must be at most 480, not 100000",
        "minutes: 30, | minutes: 30, drawings: 3, | week 1, exercise 1 | it needs either \"drawings\" with"
      })
  void a_broken_file_is_refused_in_words(String good, String bad, String place, String words) {
    var broken =
        catchThrowableOfType(
            CourseFormat.Broken.class, () -> format.parse(WHOLE.replace(good, bad)));
    assertThat(broken.place()).isEqualTo(place);
    assertThat(Words.say(broken.why())).startsWith(words);
  }

  @Test
  void a_file_that_is_no_course_at_all_is_refused_in_words() {
    assertThat(catchThrowableOfType(CourseFormat.Broken.class, () -> format.parse("[1, 2]")))
        .returns("it must be fields with names, not a list", e -> Words.say(e.why()));
    assertThat(catchThrowableOfType(CourseFormat.Broken.class, () -> format.parse("harbour")))
        .returns("it must be fields with names, not \"harbour\"", e -> Words.say(e.why()));
  }
}
