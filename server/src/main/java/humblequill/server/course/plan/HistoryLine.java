package humblequill.server.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.Decision;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.placement.PlanChangeCases;
import humblequill.core.ground.message.Message;
import humblequill.server.ground.message.StoredMessage;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One decision about the plan, as the history tells it.
 *
 * @param automatic whether it followed from the missed-work policy
 * @param reason in the learner's words, or of an offer; null where nothing was said
 * @param endBefore last day of the plan before it
 * @param endAfter last day of the plan after it
 * @param undone whether it was taken back
 * @param kept why it cannot be taken back; null when it can
 */
public record HistoryLine(
    UUID id,
    LocalDate madeOn,
    boolean automatic,
    @Nullable Message reason,
    List<Made> changes,
    LocalDate endBefore,
    LocalDate endAfter,
    boolean undone,
    PlacedCourse.@Nullable Kept kept) {

  /**
   * One change with the names it needs to be told.
   *
   * @param kind what it did
   * @param week title of the week it is about; empty for the whole plan
   * @param number that week's number in the course
   * @param other title of the other week, or of what was brought in
   * @param before the figure before: days, or seconds each
   * @param after the figure after: days, minutes or seconds each
   * @param dates dates that were closed
   * @param units what was dropped
   * @param exercise title of the exercise of a pace, or of what was added
   */
  public record Made(
      Kind kind,
      String week,
      @Nullable Integer number,
      String other,
      @Nullable Integer before,
      @Nullable Integer after,
      List<LocalDate> dates,
      List<Dropped> units,
      String exercise,
      @Nullable MissedWork policy) {
    private Made figures(@Nullable Integer was, @Nullable Integer is) {
      return new Made(kind, week, number, other, was, is, dates, units, exercise, policy);
    }

    private Made about(String title) {
      return new Made(kind, week, number, title, before, after, dates, units, exercise, policy);
    }

    private Made of(String title) {
      return new Made(kind, week, number, other, before, after, dates, units, title, policy);
    }

    private Made closing(List<LocalDate> closed, List<Dropped> dropped) {
      return new Made(kind, week, number, other, before, after, closed, dropped, exercise, policy);
    }

    private Made following(MissedWork next) {
      return new Made(kind, week, number, other, before, after, dates, units, exercise, next);
    }
  }

  /** What a change did. */
  public enum Kind {
    STRETCH,
    UNTIL_DONE,
    REPEAT,
    SKIP,
    SWAP,
    EMPTY,
    DETOUR,
    PAUSE,
    SLIDE,
    LET_GO,
    DROP,
    PACE,
    MINUTES_A_DAY,
    ADD,
    POLICY
  }

  /** Units of an exercise that were dropped. */
  public record Dropped(String title, int count, Exercise.Unit unit) {}

  static HistoryLine of(
      Decision decision, Placement before, Placement after, PlacedCourse.@Nullable Kept kept) {
    return new HistoryLine(
        decision.id(),
        decision.madeOn(),
        decision.automatic(),
        decision.reason().isEmpty() ? null : StoredMessage.read(decision.reason()),
        decision.changes().stream().map(c -> made(c, before, after)).toList(),
        before.end(),
        after.end(),
        decision.undone(),
        kept);
  }

  private static Made made(PlanChange change, Placement before, Placement after) {
    return change.match(new Telling(change, before, after));
  }

  /** Tells each kind of change with the names and figures it needs. */
  private static final class Telling implements PlanChangeCases<Made> {
    private final Placement plan;
    private final @Nullable PlacedWeek week;

    private Telling(PlanChange change, Placement before, Placement after) {
      plan = before;
      var key = change.touches().stream().findFirst().orElse("");
      week = before.week(key).or(() -> after.week(key)).orElse(null);
    }

    private Made made(Kind kind) {
      return new Made(
          kind,
          week == null ? "" : week.week().title(),
          week == null ? null : week.number().orElse(null),
          "",
          null,
          null,
          List.of(),
          List.of(),
          "",
          null);
    }

    private Made days(Kind kind, Set<LocalDate> dates, Map<String, Integer> units) {
      var dropped =
          units.entrySet().stream()
              .flatMap(e -> dropped(e.getKey(), e.getValue()).stream())
              .toList();
      return made(kind).closing(List.copyOf(new TreeSet<>(dates)), dropped);
    }

    private Optional<Dropped> dropped(String exerciseId, int count) {
      return plan.exercise(exerciseId).map(e -> new Dropped(e.title(), count, e.target().unit()));
    }

    @Override
    public Made stretch(PlanChange.Stretch c) {
      return made(Kind.STRETCH).figures(week == null ? null : week.days(), c.days());
    }

    @Override
    public Made untilDone(PlanChange.UntilDone c) {
      return made(Kind.UNTIL_DONE).figures(null, c.on() ? 1 : 0);
    }

    @Override
    public Made repeat(PlanChange.Repeat c) {
      return made(Kind.REPEAT);
    }

    @Override
    public Made skip(PlanChange.Skip c) {
      return made(Kind.SKIP);
    }

    @Override
    public Made swap(PlanChange.Swap c) {
      var first = plan.week(c.week());
      return new Made(
          Kind.SWAP,
          first.map(w -> w.week().title()).orElse(""),
          first.flatMap(PlacedWeek::number).orElse(null),
          plan.week(c.other()).map(w -> w.week().title()).orElse(""),
          null,
          null,
          List.of(),
          List.of(),
          "",
          null);
    }

    @Override
    public Made empty(PlanChange.Empty c) {
      return made(Kind.EMPTY).figures(null, c.days());
    }

    @Override
    public Made detour(PlanChange.Detour c) {
      return made(Kind.DETOUR)
          .about(String.join(", ", c.weeks().stream().map(w -> w.title()).toList()));
    }

    @Override
    public Made pause(PlanChange.Pause c) {
      return days(Kind.PAUSE, c.dates(), Map.of());
    }

    @Override
    public Made slide(PlanChange.Slide c) {
      return days(Kind.SLIDE, c.dates(), Map.of());
    }

    @Override
    public Made letGo(PlanChange.LetGo c) {
      return days(Kind.LET_GO, c.dates(), c.units());
    }

    @Override
    public Made drop(PlanChange.Drop c) {
      return days(Kind.DROP, Set.of(), c.units());
    }

    @Override
    public Made pace(PlanChange.Pace c) {
      var exercise = plan.exercise(c.exercise());
      return made(Kind.PACE)
          .figures(exercise.map(Exercise::secondsEach).orElse(null), c.secondsEach())
          .of(exercise.map(Exercise::title).orElse(c.exercise()));
    }

    @Override
    public Made minutesADay(PlanChange.MinutesADay c) {
      return made(Kind.MINUTES_A_DAY).figures(null, c.minutes());
    }

    @Override
    public Made add(PlanChange.Add c) {
      return made(Kind.ADD).of(c.exercise().title());
    }

    @Override
    public Made policy(PlanChange.Policy c) {
      return made(Kind.POLICY).following(c.policy());
    }
  }
}
