package humblequill.server.promise;

import humblequill.core.promise.BroughtAlong;
import humblequill.core.promise.DrawingDays;
import humblequill.core.promise.Progress;
import humblequill.core.promise.PromiseTime;
import humblequill.core.promise.Quota;
import humblequill.core.promise.TakenMinutes;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.course.plan.TakenTime;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The minutes that running promises take from a day before the course is planned. */
@Component
class QuotaTime implements TakenTime {
  private final QuotaAccounts accounts;
  private final PlacementService placements;
  private final Derived<TakenByDate> taken = new Derived<>();

  QuotaTime(QuotaAccounts accounts, PlacementService placements) {
    this.accounts = accounts;
    this.placements = placements;
  }

  private record Running(QuotaAccounts.Counted quota, Progress progress, DrawingDays days) {}

  /** What each running promise takes from a date, by its id, and all of them together. */
  private record TakenOn(Map<UUID, Integer> each, int all) {
    int without(@Nullable UUID except) {
      return except == null ? all : all - each.getOrDefault(except, 0);
    }
  }

  /** Dates are worked out as they are asked for, each once for all promises. */
  private record TakenByDate(List<Running> running, Map<LocalDate, TakenOn> known) {}

  @Override
  public ToIntFunction<LocalDate> minutes(Learner learner) {
    return minutesWithout(null, learner);
  }

  /** The minutes that running promises take, all but one. */
  ToIntFunction<LocalDate> minutesWithout(@Nullable UUID except, Learner learner) {
    var byDate =
        taken.get(
            restsOn(learner), () -> new TakenByDate(running(learner), new ConcurrentHashMap<>()));
    if (byDate.running().isEmpty()) {
      return date -> 0;
    }
    return date ->
        date.isBefore(learner.today())
            ? 0
            : byDate
                .known()
                .computeIfAbsent(date, d -> takenOn(byDate.running(), d, learner))
                .without(except);
  }

  /** What the minutes that a learner has for promises follow from. */
  List<Object> restsOn(Learner learner) {
    return List.of(
        accounts.all(),
        placements.followed(),
        learner.today(),
        learner.availability(),
        learner.work().overheadMinutes());
  }

  private List<Running> running(Learner learner) {
    var learners = learner.drawingDays();
    return accounts.all().stream()
        .filter(q -> !q.account().quota().time().beside())
        .map(q -> new Running(q, q.progress(learner), q.account().quota().drawingDays(learners)))
        .filter(r -> r.quota().account().runs(r.progress()))
        .toList();
  }

  private TakenOn takenOn(List<Running> running, LocalDate date, Learner learner) {
    var course = courseOn(date, learner);
    var each = new HashMap<UUID, Integer>();
    for (var r : running) {
      each.put(
          r.quota().id(),
          TakenMinutes.on(
              date, r.quota().account(), r.progress(), r.days(), learner.today(), course));
    }
    return new TakenOn(each, each.values().stream().mapToInt(Integer::intValue).sum());
  }

  /** What the courses ask of a date, on average over the drawing days of their weeks. */
  List<BroughtAlong.Portion> courseOn(LocalDate date, Learner learner) {
    return placements.followed().stream()
        .flatMap(placed -> placed.placement().weekOn(date).stream())
        .flatMap(week -> BroughtAlong.ofAverageDay(week, learner.drawingDays()).stream())
        .toList();
  }

  /** What a learner has for promises, with what others than one take. */
  PromiseTime.Day dayWithout(@Nullable UUID except, Learner learner) {
    return new PromiseTime.Day(
        learner.availability(), learner.work().overheadMinutes(), minutesWithout(except, learner));
  }

  /** The topics of the exercise that a promise asks for; none where it asks for no exercise. */
  List<String> topicsAskedFor(Quota quota) {
    return quota.counting().exercise().stream()
        .flatMap(id -> placements.all().stream().flatMap(p -> p.placement().topicsOf(id).stream()))
        .distinct()
        .toList();
  }

  /** Whether there is a course that wants the day's minutes as well. */
  boolean besideCourse() {
    return !placements.followed().isEmpty();
  }
}
