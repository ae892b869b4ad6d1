package humblequill.server.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.MissedWork;
import humblequill.core.course.PlacedWeek;
import humblequill.core.course.Placement;
import humblequill.core.course.PlanChange;
import humblequill.server.course.Decision;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One decision about the plan, as the history tells it.
 *
 * @param automatic whether it followed from the missed-work policy
 * @param reason in the learner's words, may be empty
 * @param endBefore last day of the plan before it
 * @param endAfter last day of the plan after it
 * @param undone whether it was taken back
 * @param kept why it cannot be taken back; null when it can
 */
public record HistoryLine(
    UUID id,
    LocalDate madeOn,
    boolean automatic,
    String reason,
    List<Made> changes,
    LocalDate endBefore,
    LocalDate endAfter,
    boolean undone,
    @Nullable String kept) {

  /**
   * One change with the names it needs to be told.
   *
   * @param kind its name in the API's words
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
      String kind,
      String week,
      @Nullable Integer number,
      String other,
      @Nullable Integer before,
      @Nullable Integer after,
      List<LocalDate> dates,
      List<Dropped> units,
      String exercise,
      @Nullable MissedWork policy) {}

  /** Units of an exercise that were dropped. */
  public record Dropped(String title, int count, Exercise.Unit unit) {}

  static HistoryLine of(
      Decision decision, Placement before, Placement after, @Nullable String kept) {
    return new HistoryLine(
        decision.id(),
        decision.madeOn(),
        decision.automatic(),
        decision.reason(),
        decision.changes().stream().map(c -> made(c, before, after)).toList(),
        before.end(),
        after.end(),
        decision.undone(),
        kept);
  }

  private static Made made(PlanChange change, Placement before, Placement after) {
    var key = change.touches().stream().findFirst().orElse("");
    var week = before.week(key).or(() -> after.week(key));
    var tell = new Telling(change.getClass().getSimpleName(), week.orElse(null), before);
    if (change instanceof PlanChange.Stretch c) {
      return tell.figures(tell.days(), c.days());
    } else if (change instanceof PlanChange.UntilDone c) {
      return tell.figures(null, c.on() ? 1 : 0);
    } else if (change instanceof PlanChange.Swap c) {
      var named = new Telling("Swap", before.week(c.week()).orElse(null), before);
      return named.other(before.week(c.other()).map(w -> w.week().title()).orElse(""));
    } else if (change instanceof PlanChange.Empty c) {
      return tell.figures(null, c.days());
    } else if (change instanceof PlanChange.Detour c) {
      return tell.other(String.join(", ", c.weeks().stream().map(w -> w.title()).toList()));
    } else if (change instanceof PlanChange.Pause c) {
      return tell.dates(c.dates(), Map.of());
    } else if (change instanceof PlanChange.Slide c) {
      return tell.dates(c.dates(), Map.of());
    } else if (change instanceof PlanChange.LetGo c) {
      return tell.dates(c.dates(), c.units());
    } else if (change instanceof PlanChange.Drop c) {
      return tell.dates(Set.of(), c.units());
    } else if (change instanceof PlanChange.Pace c) {
      return tell.pace(c);
    } else if (change instanceof PlanChange.MinutesADay c) {
      return tell.figures(null, c.minutes());
    } else if (change instanceof PlanChange.Add c) {
      return tell.exercise(c.exercise().title());
    } else if (change instanceof PlanChange.Policy c) {
      return tell.policy(c.policy());
    }
    return tell.figures(null, null);
  }

  private record Telling(String kind, @Nullable PlacedWeek week, Placement plan) {
    @Nullable Integer days() {
      return week == null ? null : week.days();
    }

    private Made with(
        String other,
        @Nullable Integer before,
        @Nullable Integer after,
        List<LocalDate> dates,
        List<Dropped> units,
        String exercise,
        @Nullable MissedWork policy) {
      return new Made(
          kind,
          week == null ? "" : week.week().title(),
          week == null ? null : week.number().orElse(null),
          other,
          before,
          after,
          dates,
          units,
          exercise,
          policy);
    }

    Made figures(@Nullable Integer before, @Nullable Integer after) {
      return with("", before, after, List.of(), List.of(), "", null);
    }

    Made other(String title) {
      return with(title, null, null, List.of(), List.of(), "", null);
    }

    Made dates(Set<LocalDate> dates, Map<String, Integer> units) {
      var dropped =
          units.entrySet().stream()
              .map(
                  e ->
                      plan.exercise(e.getKey())
                          .map(x -> new Dropped(x.title(), e.getValue(), x.target().unit())))
              .flatMap(java.util.Optional::stream)
              .toList();
      return with("", null, null, List.copyOf(new TreeSet<>(dates)), dropped, "", null);
    }

    Made pace(PlanChange.Pace c) {
      var exercise = plan.exercise(c.exercise());
      return with(
          "",
          exercise.map(Exercise::secondsEach).orElse(null),
          c.secondsEach(),
          List.of(),
          List.of(),
          exercise.map(Exercise::title).orElse(c.exercise()),
          null);
    }

    Made exercise(String title) {
      return with("", null, null, List.of(), List.of(), title, null);
    }

    Made policy(MissedWork policy) {
      return with("", null, null, List.of(), List.of(), "", policy);
    }
  }
}
