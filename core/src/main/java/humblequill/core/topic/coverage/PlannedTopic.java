package humblequill.core.topic.coverage;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a plan still holds of a topic in one of its weeks; an exercise counts for each of its topics
 * in full.
 *
 * @param placement the course as it is followed
 * @param week key of the week
 * @param number of the week, where the course has one
 * @param from the first day of the week, not before today
 * @param minutes what is left of its exercises, rounded up; 0 for a topic without an exercise
 */
public record PlannedTopic(
    String topic,
    UUID placement,
    String week,
    Optional<Integer> number,
    String title,
    LocalDate from,
    int minutes) {
  private static final int MINUTE = 60;

  /** All that followed courses still hold from today on, the earliest first. */
  public static List<PlannedTopic> of(List<PlacedCourse> followed, Ledger ledger, LocalDate today) {
    var planned = new ArrayList<PlannedTopic>();
    for (var course : followed) {
      for (var week : course.placement().weeks()) {
        if (!week.to().isBefore(today)) {
          planned.addAll(of(course, week, ledger, today));
        }
      }
    }
    planned.sort(Comparator.comparing(PlannedTopic::from));
    return planned;
  }

  private static List<PlannedTopic> of(
      PlacedCourse course, PlacedWeek week, Ledger ledger, LocalDate today) {
    var seconds = new LinkedHashMap<String, Long>();
    week.week().topics().forEach(topic -> seconds.put(topic, 0L));
    for (var exercise : week.week().exercises()) {
      long left = left(exercise, course, week, ledger);
      week.week().topicsOf(exercise).forEach(topic -> seconds.merge(topic, left, Long::sum));
    }
    var from = week.from().isBefore(today) ? today : week.from();
    var planned = new ArrayList<PlannedTopic>();
    seconds.forEach(
        (topic, left) -> {
          int minutes = (int) ((left + MINUTE - 1) / MINUTE);
          if (minutes > 0 || week.from().isAfter(today)) {
            planned.add(
                new PlannedTopic(
                    topic,
                    course.id(),
                    week.key(),
                    week.number(),
                    week.week().title(),
                    from,
                    minutes));
          }
        });
    return planned;
  }

  private static long left(Exercise exercise, PlacedCourse course, PlacedWeek week, Ledger ledger) {
    int done =
        ledger.of(course.id()).stream()
            .filter(d -> d.exercise().filter(exercise.id()::equals).isPresent())
            .filter(d -> !d.day().isBefore(week.from()))
            .mapToInt(d -> units(exercise, d))
            .sum();
    return (long) Math.max(0, exercise.target().quantity() - done) * exercise.secondsEach();
  }

  private static int units(Exercise exercise, Drawn drawn) {
    return exercise.target().unit() == Exercise.Unit.MINUTES
        ? drawn.minutes().minutes()
        : drawn.drawings().orElse(0);
  }
}
