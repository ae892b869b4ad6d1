package humblequill.core.course.placement;

import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A course laid on the calendar: its weeks follow each other from the start date without a gap.
 *
 * @param course as it was placed
 * @param start first day of the first week
 * @param weeks the weeks in order, with every change made since; one or more
 * @param policy what becomes of missed work
 */
public record Placement(Course course, LocalDate start, List<PlacedWeek> weeks, MissedWork policy) {
  private static final int WEEK = 7;

  public Placement {
    weeks = List.copyOf(weeks);
  }

  /** A course as it begins: each week lasts seven days. */
  public static Placement of(Course course, LocalDate start) {
    var weeks = new ArrayList<PlacedWeek>();
    for (int i = 0; i < course.weeks().size(); i++) {
      weeks.add(
          new PlacedWeek(
              Integer.toString(i + 1),
              Optional.of(i + 1),
              PlacedWeek.Role.COURSE,
              course.weeks().get(i),
              start,
              WEEK,
              Set.of(),
              false,
              0));
    }
    return new Placement(course, start, laid(start, weeks), MissedWork.SPREAD);
  }

  private static List<PlacedWeek> laid(LocalDate start, List<PlacedWeek> weeks) {
    var laid = new ArrayList<PlacedWeek>();
    var next = start;
    for (var week : weeks) {
      laid.add(week.at(next));
      next = next.plusDays(week.days());
    }
    return laid;
  }

  /** The week of a key. */
  public Optional<PlacedWeek> week(String key) {
    return weeks.stream().filter(w -> w.key().equals(key)).findFirst();
  }

  /** The week that holds a date, if the course runs then. */
  public Optional<PlacedWeek> weekOn(LocalDate date) {
    return weeks.stream().filter(w -> w.contains(date)).findFirst();
  }

  /**
   * The week for which an exercise was drawn on a day: that of the day if it has it, else the first
   * that has.
   */
  public Optional<PlacedWeek> weekOf(String exercise, LocalDate day) {
    var with = weeks.stream().filter(w -> w.exercise(exercise).isPresent()).toList();
    return with.stream()
        .filter(w -> w.contains(day))
        .findFirst()
        .or(() -> with.stream().findFirst());
  }

  /**
   * How near each week is to a day, by its key, for names that several weeks use: 0 for the week of
   * the day, then by distance; weeks that have not begun come after all that have.
   */
  public Map<String, Integer> nearness(LocalDate day) {
    int current = 0;
    for (int i = 0; i < weeks.size(); i++) {
      current = weeks.get(i).from().isAfter(day) ? current : i;
    }
    var ranks = new HashMap<String, Integer>();
    for (int i = 0; i < weeks.size(); i++) {
      int distance = Math.abs(current - i);
      ranks.put(weeks.get(i).key(), i > current ? weeks.size() + distance : distance);
    }
    return ranks;
  }

  /** Last day of the last week. */
  public LocalDate end() {
    return weeks.get(weeks.size() - 1).to();
  }

  /** An exercise of the plan, or of the course where the plan has left it out. */
  public Optional<Exercise> exercise(String id) {
    return weeks.stream()
        .flatMap(w -> w.exercise(id).stream())
        .findFirst()
        .or(() -> course.exercise(id));
  }

  /** Topics that an exercise of the plan or of the course touches; none when it is unknown. */
  public List<String> topicsOf(String exerciseId) {
    return Stream.concat(weeks.stream().map(PlacedWeek::week), course.weeks().stream())
        .flatMap(
            w -> w.exercises().stream().filter(e -> e.id().equals(exerciseId)).map(w::topicsOf))
        .findFirst()
        .orElse(List.of());
  }

  /**
   * The plan after a change.
   *
   * @throws PlanChangeException if the change names a week or exercise that is not there, or asks
   *     for what cannot be
   */
  public Placement after(PlanChange change) {
    try {
      return change.applyTo(this);
    } catch (IllegalArgumentException e) {
      throw new PlanChangeException(Message.why(e));
    }
  }

  /**
   * Whether everything before a day is the same in both plans: the same weeks on the same days.
   * What really happened stays as it was.
   */
  public boolean samePast(Placement other, LocalDate day) {
    return past(day).equals(other.past(day));
  }

  private Map<LocalDate, String> past(LocalDate day) {
    var keys = new HashMap<LocalDate, String>();
    for (var week : weeks) {
      for (var d = week.from(); d.isBefore(day) && !d.isAfter(week.to()); d = d.plusDays(1)) {
        keys.put(d, week.key());
      }
    }
    return keys;
  }

  private int index(String key) {
    for (int i = 0; i < weeks.size(); i++) {
      if (weeks.get(i).key().equals(key)) {
        return i;
      }
    }
    throw new PlanChangeException(Message.of("course.noWeekInPlan", "week", key));
  }

  private PlacedWeek need(String key) {
    return weeks.get(index(key));
  }

  private Placement relaid(List<PlacedWeek> changed) {
    return new Placement(course, start, laid(start, changed), policy);
  }

  Placement with(String key, UnaryOperator<PlacedWeek> change) {
    var changed = new ArrayList<>(weeks);
    int i = index(key);
    changed.set(i, change.apply(changed.get(i)));
    return relaid(changed);
  }

  private Placement insert(int at, List<PlacedWeek> brought) {
    for (var week : brought) {
      if (week(week.key()).isPresent()) {
        throw new PlanChangeException(Message.of("course.weekThere", "week", week.key()));
      }
    }
    var changed = new ArrayList<>(weeks);
    changed.addAll(at, brought);
    return relaid(changed);
  }

  private static PlacedWeek brought(String key, PlacedWeek.Role role, CourseWeek week, int days) {
    return new PlacedWeek(
        key, Optional.empty(), role, week, LocalDate.EPOCH, days, Set.of(), false, 0);
  }

  /** With a week once more, right after it. */
  Placement repeating(String key, String as) {
    var week = need(key);
    var original = week.number().map(n -> course.weeks().get(n - 1)).orElse(week.week());
    return insert(
        index(key) + 1, List.of(brought(as, PlacedWeek.Role.REPEAT, renamed(original), WEEK)));
  }

  /** With an empty week before another. */
  Placement withEmptyWeek(String before, String as, int days) {
    var week = new CourseWeek("Empty week", "", List.of(), List.of(), List.of());
    return insert(index(before), List.of(brought(as, PlacedWeek.Role.EMPTY, week, days)));
  }

  Placement withPolicy(MissedWork other) {
    return new Placement(course, start, weeks, other);
  }

  Placement detouredBy(PlanChange.Detour detour) {
    var plan = this;
    for (int i = 0; i < detour.weeks().size(); i++) {
      var week =
          brought(
              detour.keyOf(i), PlacedWeek.Role.DETOUR, plan.renamed(detour.weeks().get(i)), WEEK);
      plan = plan.insert(plan.index(detour.before()), List.of(week));
    }
    return plan;
  }

  /** The same week with exercise ids that this plan does not have yet. */
  private CourseWeek renamed(CourseWeek week) {
    int n = 2;
    while (week.exercises().stream().anyMatch(e -> exercise(e.id()).isPresent())) {
      int copy = n++;
      var names = new HashMap<String, String>();
      week.exercises().forEach(e -> names.put(e.id(), copyId(e.id(), copy)));
      week = week.withExercises(week.exercises().stream().map(e -> e.renamed(names)).toList());
    }
    return week;
  }

  private static String copyId(String id, int copy) {
    return id.replaceFirst("-again\\d+$", "") + "-again" + copy;
  }

  /** Without a week; one that has begun ends on the day before. */
  Placement skipping(String key, LocalDate on) {
    var week = need(key);
    long begun = on.toEpochDay() - week.from().toEpochDay();
    if (begun > 0) {
      return begun >= week.days() ? this : with(week.key(), w -> w.withDays((int) begun));
    }
    if (weeks.size() == 1) {
      throw new PlanChangeException(Message.of("course.onlyWeek"));
    }
    return relaid(weeks.stream().filter(w -> !w.key().equals(week.key())).toList());
  }

  Placement swapping(String week, String other) {
    var changed = new ArrayList<>(weeks);
    Collections.swap(changed, index(week), index(other));
    return relaid(changed);
  }

  /**
   * Each closed date makes the week a day longer, so that later dates may lie in what was added.
   */
  Placement closing(String key, Set<LocalDate> dates) {
    var plan = this;
    for (var date : new TreeSet<>(dates)) {
      var week = plan.need(key);
      if (!week.contains(date) || week.closed().contains(date)) {
        throw new PlanChangeException(Message.of("course.noOpenDay", "date", date));
      }
      plan = plan.with(key, w -> w.withDays(w.days() + 1).withClosed(Set.of(date)));
    }
    return plan;
  }

  /**
   * The changes by which the course waits for a span, one for each week that it interrupts; none
   * where nothing of the course lies in it.
   *
   * @throws PlanChangeException if a week would get longer than {@link PlacedWeek#MAX_DAYS}
   */
  public List<PlanChange> waiting(LocalDate from, LocalDate to) {
    var plan = this;
    var dates = new LinkedHashMap<String, Set<LocalDate>>();
    for (var date = from; !date.isAfter(to); date = date.plusDays(1)) {
      var week = plan.weekOn(date);
      if (week.isPresent() && !week.get().closed().contains(date)) {
        var key = week.get().key();
        dates.computeIfAbsent(key, k -> new TreeSet<>()).add(date);
        plan = plan.after(new PlanChange.Pause(key, Set.of(date)));
      }
    }
    return dates.entrySet().stream()
        .<PlanChange>map(week -> new PlanChange.Pause(week.getKey(), week.getValue()))
        .toList();
  }

  /** With one more exercise in a week. */
  Placement adding(String key, Exercise exercise) {
    if (exercise(exercise.id()).isPresent()) {
      throw new PlanChangeException(Message.of("course.exerciseThere", "id", exercise.id()));
    }
    return with(
        key,
        week -> {
          var all = new ArrayList<>(week.week().exercises());
          all.add(exercise);
          return week.withExercises(all);
        });
  }
}
