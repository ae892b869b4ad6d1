package humblequill.server.syllabus;

import humblequill.core.course.ExerciseKind;
import humblequill.core.syllabus.ExerciseLine;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A course as it was read from plain lines.
 *
 * @param empty numbers of weeks that have no exercise
 */
record SyllabusView(List<ReadWeek> weeks, List<Integer> empty) {
  /**
   * A week.
   *
   * @param number as written; null where the lines tell none
   * @param title as written; empty where the lines tell none
   */
  record ReadWeek(@Nullable Integer number, String title, List<ReadExercise> exercises) {}

  /**
   * An exercise.
   *
   * @param line as written
   * @param kind as course files write it
   * @param minutesEach of one drawing; null where minutes are asked for
   * @param topics none or one
   * @param proposed what the line does not say
   */
  record ReadExercise(
      String line,
      String title,
      String kind,
      @Nullable Integer drawings,
      @Nullable Double minutesEach,
      @Nullable Integer minutes,
      @Nullable String source,
      List<String> topics,
      @Nullable String resource,
      Set<ExerciseLine.Proposed> proposed) {
    private static final double MINUTE = 60;
    private static final double HUNDREDTHS = 100;

    static ReadExercise of(ExerciseLine e) {
      return new ReadExercise(
          e.line(),
          e.title(),
          word(e.kind()),
          e.drawings().orElse(null),
          e.drawings().isPresent()
              ? Math.round(e.secondsEach() / MINUTE * HUNDREDTHS) / HUNDREDTHS
              : null,
          e.minutes().orElse(null),
          e.source().orElse(null),
          e.topic().map(List::of).orElse(List.of()),
          e.resource().orElse(null),
          e.proposed());
    }

    private static String word(ExerciseKind kind) {
      return kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
  }
}
