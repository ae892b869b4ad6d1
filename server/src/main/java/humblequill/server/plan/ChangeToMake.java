package humblequill.server.plan;

import humblequill.core.course.Baseline;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.MissedWork;
import humblequill.core.course.PlanChange;
import humblequill.server.course.PlacedCourse;
import humblequill.server.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A change of a plan as the client asks for it. Which fields are needed depends on the kind.
 *
 * @param week key of the week it is about
 * @param other key of the week to change places with
 * @param days the new length, or the length of an empty week
 * @param on for {@code UNTIL_DONE}: begin or take back
 * @param dates dates of a pause, or missed dates
 * @param units what to drop
 * @param exerciseId exercise of another pace
 * @param secondsEach that pace
 * @param minutes minutes a day, or minutes of a warm-up
 * @param policy what becomes of missed work
 * @param courseId course that the weeks of a detour come from; null makes a week for the topic
 * @param courseWeeks numbers of those weeks
 * @param topic topic of a warm-up or detour, or subject of a baseline
 */
public record ChangeToMake(
    @NotNull Kind kind,
    @Nullable @Size(max = 80) String week,
    @Nullable @Size(max = 80) String other,
    @Nullable @Min(1) @Max(120) Integer days,
    @Nullable Boolean on,
    @Nullable @Size(max = 120) List<@NotNull LocalDate> dates,
    @Nullable @Size(max = 60) List<@Valid @NotNull Units> units,
    @Nullable @Size(max = 80) String exerciseId,
    @Nullable @Min(1) @Max(28_800) Integer secondsEach,
    @Nullable @Min(0) @Max(960) Integer minutes,
    @Nullable MissedWork policy,
    @Nullable @Size(max = 80) String courseId,
    @Nullable @Size(max = 60) List<@NotNull Integer> courseWeeks,
    @Nullable @Size(max = 80) String topic) {
  private static final int DETOUR_MINUTES = 90;
  private static final int SITTING = 15;
  private static final int BASELINE_MINUTES = 20;

  /** What is changed. */
  public enum Kind {
    /** A week's length. */
    STRETCH,
    /** Whether a week lasts until its work is done. */
    UNTIL_DONE,
    /** A week once more. */
    REPEAT,
    /** A week left out. */
    SKIP,
    /** Two weeks' places. */
    SWAP,
    /** An empty week. */
    EMPTY,
    /** Weeks from elsewhere. */
    DETOUR,
    /** Days on which the course waits. */
    PAUSE,
    /** Missed days come again at the end. */
    SLIDE,
    /** What missed days would have held is dropped. */
    LET_GO,
    /** Less work. */
    DROP,
    /** Another pace. */
    PACE,
    /** More minutes on the days of a week. */
    MINUTES_A_DAY,
    /** A warm-up for a topic. */
    WARM_UP,
    /** A subject drawn now and once more at the end. */
    BASELINE,
    /** What becomes of missed work from now on. */
    POLICY
  }

  /** Units of an exercise. */
  public record Units(@NotNull @Size(max = 80) String exerciseId, @Min(1) int count) {}

  /**
   * The change as the rules know it.
   *
   * @param n tells several changes of one decision apart
   * @param weeksOf weeks of a course by its id
   */
  List<PlanChange> toCore(
      PlacedCourse placed, int n, LocalDate today, Function<String, List<CourseWeek>> weeksOf) {
    var as = "x" + placed.decisions().size() + "." + n;
    return switch (kind) {
      case STRETCH -> List.of(new PlanChange.Stretch(need("week", week), need("days", days)));
      case UNTIL_DONE -> List.of(new PlanChange.UntilDone(need("week", week), need("on", on)));
      case REPEAT -> List.of(new PlanChange.Repeat(need("week", week), as));
      case SKIP -> List.of(new PlanChange.Skip(need("week", week), today));
      case SWAP -> List.of(new PlanChange.Swap(need("week", week), need("other", other)));
      case EMPTY -> List.of(new PlanChange.Empty(need("week", week), as, need("days", days)));
      case DETOUR -> List.of(new PlanChange.Detour(need("week", week), as, detour(weeksOf, as)));
      case PAUSE -> List.of(new PlanChange.Pause(need("week", week), ahead(today)));
      case SLIDE ->
          List.of(new PlanChange.Slide(need("week", week), Set.copyOf(need("dates", dates))));
      case LET_GO ->
          List.of(
              new PlanChange.LetGo(
                  need("week", week), Set.copyOf(need("dates", dates)), unitsById()));
      case DROP -> List.of(new PlanChange.Drop(need("week", week), unitsById()));
      case PACE ->
          List.of(
              new PlanChange.Pace(
                  need("week", week),
                  need("exerciseId", exerciseId),
                  need("secondsEach", secondsEach)));
      case MINUTES_A_DAY ->
          List.of(new PlanChange.MinutesADay(need("week", week), need("minutes", minutes)));
      case WARM_UP -> List.of(new PlanChange.Add(need("week", week), warmUp(as)));
      case BASELINE ->
          Baseline.ofSubject(
              topicName(),
              BASELINE_MINUTES,
              placed.placement(),
              need("week", week),
              as.replace('.', '-'));
      case POLICY -> List.of(new PlanChange.Policy(need("policy", policy)));
    };
  }

  private <T> T need(String field, @Nullable T value) {
    if (value == null) {
      throw Refusal.badValue(field, "", "A change of the kind " + kind + " needs " + field + ".");
    }
    return value;
  }

  private String topicName() {
    var name = need("topic", topic).strip();
    if (name.codePoints().noneMatch(Character::isLetterOrDigit)) {
      throw Refusal.badValue(
          "topic", name, "A topic needs a letter or a figure; \"" + name + "\" has none.");
    }
    return name;
  }

  private Set<LocalDate> ahead(LocalDate today) {
    for (var date : need("dates", dates)) {
      if (date.isBefore(today)) {
        throw Refusal.badValue("dates", date, date + " is over; a pause of the course is planned.");
      }
    }
    return Set.copyOf(need("dates", dates));
  }

  private Map<String, Integer> unitsById() {
    var byId = new TreeMap<String, Integer>();
    need("units", units).forEach(u -> byId.merge(u.exerciseId(), u.count(), Integer::sum));
    return byId;
  }

  private List<CourseWeek> detour(Function<String, List<CourseWeek>> weeksOf, String as) {
    if (courseId == null) {
      var name = topicName();
      var practise =
          Exercise.plain(
              "detour-" + as.replace('.', '-'),
              "Practise: " + name,
              ExerciseKind.STUDY,
              new Exercise.Target(Exercise.Unit.MINUTES, DETOUR_MINUTES),
              60,
              SITTING,
              List.of(name));
      return List.of(
          new CourseWeek(upperFirst(name), "", List.of(name), List.of(practise), List.of()));
    }
    var all = weeksOf.apply(courseId);
    return need("courseWeeks", courseWeeks).stream()
        .map(
            number -> {
              if (number < 1 || number > all.size()) {
                throw Refusal.badValue(
                    "courseWeeks",
                    number,
                    "That course has weeks 1 to " + all.size() + ", not " + number + ".");
              }
              return all.get(number - 1);
            })
        .toList();
  }

  private static String upperFirst(String text) {
    return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
  }

  private Exercise warmUp(String as) {
    int amount = Math.max(1, need("minutes", minutes));
    return Exercise.plain(
        "warm-up-" + as.replace('.', '-'),
        "Warm up: " + topicName(),
        ExerciseKind.WARM_UP,
        new Exercise.Target(Exercise.Unit.MINUTES, amount),
        60,
        Math.min(amount, 5),
        List.of(topicName()));
  }
}
