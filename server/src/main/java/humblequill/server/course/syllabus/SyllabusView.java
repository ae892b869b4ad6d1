package humblequill.server.course.syllabus;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.syllabus.ExerciseLine;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
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
   * @param chunk smallest share worth sitting down for
   * @param source one that course files know; null for others
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
      int chunk,
      @Nullable String source,
      List<String> topics,
      @Nullable String resource,
      Set<ExerciseLine.Proposed> proposed) {
    private static final Set<String> SOURCES =
        ShippedNames.all().stream()
            .filter(n -> n.kind() == NameKind.SOURCE)
            .map(Name::text)
            .collect(Collectors.toSet());
    private static final double SHORTEST = 0.1;
    private static final double MINUTE = 60;
    private static final double HUNDREDTHS = 100;

    static ReadExercise of(ExerciseLine e, Names names) {
      return new ReadExercise(
          e.line(),
          e.title(),
          word(e.kind()),
          e.drawings().orElse(null),
          e.drawings().isPresent()
              ? Math.max(SHORTEST, Math.round(e.secondsEach() / MINUTE * HUNDREDTHS) / HUNDREDTHS)
              : null,
          e.minutes().orElse(null),
          e.chunk(),
          e.source()
              .map(s -> ShippedNames.firstText(names, NameKind.SOURCE, s))
              .filter(SOURCES::contains)
              .orElse(null),
          e.topic().map(List::of).orElse(List.of()),
          e.resource().orElse(null),
          e.proposed());
    }

    private static String word(ExerciseKind kind) {
      return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }
}
