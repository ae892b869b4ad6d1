package humblequill.core.course.placement;

import humblequill.core.course.Baseline;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Work that a plan gets beside its course: a warm-up, a week for a topic, a subject drawn now and
 * again later. Lengths are common practice, no published source.
 */
public final class Extras {
  private static final int DETOUR_MINUTES = 90;
  private static final int SITTING = 15;
  private static final int SHORTEST_WARM_UP = 5;
  private static final int SUBJECT_MINUTES = 20;
  private static final int CHUNK = 3;

  private Extras() {}

  /** Key of what a decision brings in, which tells several of one decision apart. */
  public static String key(int decision, int n) {
    return "x" + decision + "." + n;
  }

  private static String idPart(String key) {
    return key.replace('.', '-');
  }

  /**
   * A warm-up for a topic.
   *
   * @param minutes 1 or more
   * @param key tells it from other extras of the plan
   */
  public static Exercise warmUp(String topic, int minutes, String key) {
    return Exercise.plain(
        "warm-up-" + idPart(key),
        "Warm up: " + topic,
        ExerciseKind.WARM_UP,
        Exercise.Target.minutes(minutes, Math.min(minutes, SHORTEST_WARM_UP)),
        List.of(topic));
  }

  /**
   * More drawings of a topic, parted among weeks: as many in each, those left over in the first.
   *
   * @param drawings 1 or more
   * @param weeks keys of weeks, at least one
   * @param key tells it from other extras of the plan
   */
  public static List<PlanChange> moreOf(
      String topic, int drawings, int secondsEach, List<String> weeks, String key) {
    int count = Math.min(weeks.size(), drawings);
    var changes = new ArrayList<PlanChange>();
    for (int i = 0; i < count; i++) {
      int here = drawings / count + (i < drawings % count ? 1 : 0);
      changes.add(
          new PlanChange.Add(
              weeks.get(i),
              Exercise.plain(
                  "more-" + idPart(key) + "-" + (i + 1),
                  "More of: " + topic,
                  ExerciseKind.STUDY,
                  Exercise.Target.drawings(here, secondsEach, Math.min(here, CHUNK)),
                  List.of(topic))));
    }
    return changes;
  }

  /** A week for one topic, where no course has one. */
  public static CourseWeek weekFor(String topic, String key) {
    var practise =
        Exercise.plain(
            "detour-" + idPart(key),
            "Practise: " + topic,
            ExerciseKind.STUDY,
            Exercise.Target.minutes(DETOUR_MINUTES, SITTING),
            List.of(topic));
    var title = topic.substring(0, 1).toUpperCase(Locale.ROOT) + topic.substring(1);
    return new CourseWeek(title, "", List.of(topic), List.of(practise), List.of());
  }

  /**
   * Changes that make a single subject be drawn now, half-way through what is left of a plan, and
   * once more in its last week. Half-way is left out where less than two weeks are left.
   *
   * @param week key of the week of the first drawing
   * @param key tells it from other extras of the plan
   */
  public static List<PlanChange> subject(String subject, Placement plan, String week, String key) {
    var weeks = plan.weeks();
    int last = weeks.size() - 1;
    int from = 0;
    while (from < last && !weeks.get(from).key().equals(week)) {
      from++;
    }
    int middle = (from + last + 1) / 2;
    var prefix = "baseline-" + idPart(key);
    var first = prefix + "-first";
    var changes = new ArrayList<PlanChange>();
    changes.add(drawn(subject, Baseline.Moment.START, week, first, Optional.empty()));
    if (middle > from && middle < last) {
      changes.add(
          drawn(
              subject,
              Baseline.Moment.MIDDLE,
              weeks.get(middle).key(),
              prefix + "-half",
              Optional.of(first)));
    }
    changes.add(
        drawn(
            subject,
            Baseline.Moment.END,
            weeks.get(last).key(),
            prefix + "-again",
            Optional.of(first)));
    return changes;
  }

  private static PlanChange drawn(
      String subject, Baseline.Moment moment, String week, String id, Optional<String> again) {
    var e = new Baseline(List.of(subject), SUBJECT_MINUTES, Set.of()).exercise(moment, 0);
    return new PlanChange.Add(
        week,
        new Exercise(
            id,
            e.title(),
            e.kind(),
            e.target(),
            new Exercise.Placing(e.after(), e.on(), again),
            e.guidance(),
            e.alsoCalled(),
            e.topics()));
  }
}
