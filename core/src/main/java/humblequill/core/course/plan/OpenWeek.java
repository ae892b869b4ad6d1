package humblequill.core.course.plan;

import humblequill.core.day.entry.Done;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A course week under way, planned under the policy <i>spread</i>: what was done is fixed, the rest
 * is spread over the days left. Today's shares follow from what was done before today, so they hold
 * still while the learner draws; what is drawn beyond them today is taken off the days to come.
 *
 * @param works the week's exercises with their full quantities
 * @param done what was done of the exercises; dates outside the week count for it too
 * @param days the week's days, in order
 * @param nextDays days after the week, for the remedy of more days
 * @param today the open practice day
 * @param reserved units that appointments from today on satisfy, by date and exercise
 */
public record OpenWeek(
    List<Work> works,
    Done done,
    List<DayRoom> days,
    List<DayRoom> nextDays,
    LocalDate today,
    DayOrder order,
    Map<LocalDate, Map<String, Integer>> reserved) {
  /** A week without appointments. */
  public OpenWeek(
      List<Work> works,
      Done done,
      List<DayRoom> days,
      List<DayRoom> nextDays,
      LocalDate today,
      DayOrder order) {
    this(works, done, days, nextDays, today, order, Map.of());
  }

  /**
   * The week as it stands.
   *
   * @param days today's and the coming days' shares; empty once the week is over
   * @param shortfalls what does not fit any more
   * @param workSeconds work left at the start of today
   * @param roomSeconds room from today on
   * @param respreads shares of today that differ from the first plan of the week
   * @param remedies present when something does not fit
   */
  public record Outlook(
      List<DayPlan> days,
      List<Shortfall> shortfalls,
      long workSeconds,
      long roomSeconds,
      List<Respread> respreads,
      Optional<Remedies> remedies) {
    /** Work ÷ room from today on; 0 without work, infinite without room. */
    public double load() {
      return workSeconds == 0 ? 0 : (double) workSeconds / roomSeconds;
    }

    /** The plan of one date, if it is today or still to come in this week. */
    public Optional<DayPlan> on(LocalDate date) {
      return days.stream().filter(day -> day.date().equals(date)).findFirst();
    }
  }

  /**
   * A share of today that changed since the week was first planned.
   *
   * @param was units the first plan gave today
   * @param now units today has now
   * @param missed units of earlier days that were not done; negative when more was done than
   *     planned
   */
  public record Respread(String exerciseId, int was, int now, int missed) {}

  /** Plans the rest of the week. */
  public Outlook outlook() {
    return outlook(true);
  }

  /** The same without looking for remedies, which takes as long as all else. */
  public Outlook outlookAlone() {
    return outlook(false);
  }

  private Outlook outlook(boolean withRemedies) {
    var ahead = days.stream().filter(day -> !day.date().isBefore(today)).toList();
    var left = left();
    var spread = Planner.spread(left, ahead, order);
    var plans = spread.days();
    var shortfalls = spread.shortfalls();
    var open = left;
    var openDays = ahead;
    if (!ahead.isEmpty()
        && ahead.get(0).date().equals(today)
        && anyBonus(withAppointed(plans.subList(0, 1)).get(0))) {
      var today = withAppointed(plans.subList(0, 1)).get(0);
      open = left.stream().map(w -> afterToday(w, today)).toList();
      openDays = ahead.subList(1, ahead.size());
      var later = Planner.spread(open, openDays, order);
      plans = new ArrayList<>(List.of(today));
      plans.addAll(later.days());
      shortfalls = later.shortfalls();
    }
    return new Outlook(
        withAppointed(plans),
        shortfalls,
        spread.workSeconds(),
        spread.roomSeconds(),
        respreads(withAppointed(plans)),
        !withRemedies || shortfalls.isEmpty() || ahead.isEmpty()
            ? Optional.empty()
            : Optional.of(remedies(open, openDays, left, ahead)));
  }

  /** From what is left after today's drawing; longer days can begin today, which is not over. */
  private Remedies remedies(
      List<Work> open, List<DayRoom> openDays, List<Work> left, List<DayRoom> ahead) {
    var found = RemedyFinder.find(open, openDays, nextDays, order);
    if (openDays.size() == ahead.size()) {
      return found;
    }
    var fromToday = RemedyFinder.minutesNeeded(left, ahead, order);
    boolean less =
        fromToday.isPresent()
            && (found.minutesADay().isEmpty()
                || fromToday.getAsInt() < found.minutesADay().getAsInt());
    return less ? new Remedies(found.extraDays(), found.drops(), found.paces(), fromToday) : found;
  }

  /** What is left at the start of today and has to find a day of its own. */
  List<Work> left() {
    return works.stream()
        .map(
            w ->
                w.withQuantity(
                    Math.max(0, w.quantity() - done.before(w.id(), today) - reservedOf(w.id()))))
        .toList();
  }

  /** Whether all work of the week was done before today. */
  boolean wasDone() {
    return works.stream().allMatch(w -> done.before(w.id(), today) >= w.quantity());
  }

  /** Whether all work of the week is done, with what today brought. */
  public boolean isDone() {
    return works.stream().allMatch(w -> done.before(w.id(), today.plusDays(1)) >= w.quantity());
  }

  /** Days before today that had a share in the first plan and on which nothing of it was done. */
  public Set<LocalDate> missedDays() {
    var missed = new TreeSet<LocalDate>();
    for (var day : firstPlan().days()) {
      if (day.date().isBefore(today)
          && !day.shares().isEmpty()
          && works.stream().allMatch(w -> doneOn(w.id(), day.date()) == 0)) {
        missed.add(day.date());
      }
    }
    return missed;
  }

  /** Units that the first plan gave to these days and that are still left, by exercise. */
  public Map<String, Integer> missedUnits(Set<LocalDate> days) {
    var units = new TreeMap<String, Integer>();
    var first = firstPlan();
    for (var work : left()) {
      int due =
          first.days().stream()
              .filter(day -> days.contains(day.date()))
              .mapToInt(day -> day.countOf(work.id()))
              .sum();
      if (Math.min(due, work.quantity()) > 0) {
        units.put(work.id(), Math.min(due, work.quantity()));
      }
    }
    return units;
  }

  private int reservedOf(String exerciseId) {
    return reserved.values().stream().mapToInt(r -> r.getOrDefault(exerciseId, 0)).sum();
  }

  private List<DayPlan> withAppointed(List<DayPlan> plans) {
    return plans.stream()
        .map(
            plan -> {
              var here = reserved.getOrDefault(plan.date(), Map.of());
              return plan.withAppointed(
                  works.stream()
                      .filter(w -> here.containsKey(w.id()))
                      .map(w -> Share.of(w.id(), here.get(w.id()), w.secondsEach()))
                      .toList());
            })
        .toList();
  }

  /**
   * The plan of the whole week as if nothing were done yet: where the pencil was when the week
   * began.
   */
  public Spread firstPlan() {
    return Planner.spread(works, days, order);
  }

  private List<Respread> respreads(List<DayPlan> plans) {
    if (plans.isEmpty() || !plans.get(0).date().equals(today) || today.equals(days.get(0).date())) {
      return List.of();
    }
    var first = firstPlan();
    var planned = new HashMap<LocalDate, DayPlan>();
    first.days().forEach(day -> planned.put(day.date(), day));
    var respreads = new ArrayList<Respread>();
    for (var work : works) {
      int was = planned.get(today).countOf(work.id());
      int now = plans.get(0).countOf(work.id());
      int due =
          first.days().stream()
              .filter(day -> day.date().isBefore(today))
              .mapToInt(day -> day.countOf(work.id()))
              .sum();
      if (was != now && now > 0) {
        respreads.add(new Respread(work.id(), was, now, due - done.before(work.id(), today)));
      }
    }
    return respreads;
  }

  private boolean anyBonus(DayPlan plan) {
    return works.stream().anyMatch(w -> doneOn(w.id(), today) > plan.countOf(w.id()));
  }

  private Work afterToday(Work left, DayPlan plan) {
    int appointed = reserved.getOrDefault(today, Map.of()).getOrDefault(left.id(), 0);
    int taken = Math.max(plan.countOf(left.id()), doneOn(left.id(), today)) - appointed;
    return left.withQuantity(Math.max(0, left.quantity() - taken));
  }

  /** Units of an exercise done on a date. */
  public int doneOn(String exerciseId, LocalDate date) {
    return done.on(exerciseId, date);
  }
}
