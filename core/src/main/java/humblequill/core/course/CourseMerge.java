package humblequill.core.course;

import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Merges two courses into one. Weeks with the same first topic and about the same place in their
 * courses join and keep both sources. The order is a stable topological sort: the week in which a
 * course comes back to its first drawings stays last; what a topic needs from the other course
 * comes first; then each course's own order as far as it agrees. What a course does itself in an
 * order of its own is its author's decision and nothing to decide again. Where orders contradict
 * each other the stronger one wins and the conflict is listed; the learner can decide otherwise.
 */
public final class CourseMerge {
  /**
   * How far apart two weeks about the same topic may stand in their courses, as a part of the
   * whole, to be one: a topic that comes back much later comes back on purpose.
   */
  private static final double SAME_PART = 1.0 / 3;

  private final Course first;
  private final Course second;
  private final TopicGraph graph;
  private final Decisions decisions;
  private final List<Node> nodes = new ArrayList<>();
  private final List<Set<Integer>> followers = new ArrayList<>();
  private final List<Conflict> conflicts = new ArrayList<>();
  private final List<Pair> pairs = new ArrayList<>();
  private final Set<Node> partnered = new LinkedHashSet<>();

  private CourseMerge(Course first, Course second, TopicGraph graph, Decisions decisions) {
    this.first = first;
    this.second = second;
    this.graph = graph;
    this.decisions = decisions;
  }

  /** Why one week should come before another. */
  public enum Reason {
    /** A topic of the later week needs one of the earlier. */
    NEEDED_FIRST,
    /** The first course has them in this order. */
    FIRST_COURSE,
    /** The second course has them in this order. */
    SECOND_COURSE
  }

  /**
   * Two weeks that cannot stand in the order that was wanted.
   *
   * @param id names the conflict when it is decided
   * @param earlier title of the week that was wanted first
   * @param later title of the week that was wanted after it
   * @param reason who wanted it
   * @param decided whether the learner decided for it, so that it was kept
   */
  public record Conflict(String id, String earlier, String later, Reason reason, boolean decided) {}

  /**
   * What the learner decided.
   *
   * @param overruled ids of conflicts that are decided for what was refused
   * @param joins what becomes of weeks about the same topic, by the id of the join
   */
  public record Decisions(Set<String> overruled, Map<String, JoinedWeek.As> joins) {
    /** Nothing yet. */
    public static final Decisions NONE = new Decisions(Set.of(), Map.of());

    public Decisions {
      overruled = Set.copyOf(overruled);
      joins = Map.copyOf(joins);
    }
  }

  /**
   * Two weeks about the same topic.
   *
   * @param id names the join when it is decided
   * @param week number of the week they became, or of the earlier one where they stay two
   * @param first title of the first course's week
   * @param second title of the second course's week
   */
  public record Join(String id, int week, String first, String second, JoinedWeek.As as) {}

  /** The merged course, what could not be had, and what joined. */
  public record Result(Course course, List<Conflict> conflicts, List<Join> joins) {
    public Result {
      conflicts = List.copyOf(conflicts);
      joins = List.copyOf(joins);
    }
  }

  /**
   * Merges.
   *
   * @param decisions what the learner decided so far
   * @param id id of the merged course
   * @param title its title
   */
  public static Result merge(
      Course first, Course second, TopicGraph graph, Decisions decisions, String id, String title) {
    return new CourseMerge(first, second, graph, decisions).run(id, title);
  }

  private static final class Node {
    private CourseWeek week;
    private int inFirst = -1;
    private int inSecond = -1;
    private boolean isLast;
    private final double place;

    private Node(CourseWeek week, double place) {
      this.week = week;
      this.place = place;
    }
  }

  private record Wish(int earlier, int later, Reason reason) {
    String id(List<Node> nodes) {
      return reason + ":" + key(nodes.get(earlier)) + ">" + key(nodes.get(later));
    }

    private static String key(Node node) {
      return node.inFirst >= 0 ? "a" + (node.inFirst + 1) : "b" + (node.inSecond + 1);
    }
  }

  /** Weeks about the same topic, and the weeks they became. */
  private record Pair(String id, Node one, Node other, String first, String second) {}

  private Result run(String id, String title) {
    collect();
    for (int i = 0; i < nodes.size(); i++) {
      followers.add(new LinkedHashSet<>());
    }
    keepLast();
    var wishes = wishes();
    wishes.sort(Comparator.comparing(w -> !decisions.overruled().contains(w.id(nodes))));
    for (var wish : wishes) {
      boolean decided = decisions.overruled().contains(wish.id(nodes));
      boolean possible = !reaches(wish.later(), wish.earlier());
      if (possible) {
        followers.get(wish.earlier()).add(wish.later());
      }
      if (decided || !possible) {
        conflicts.add(conflict(wish, decided && possible));
      }
    }
    var order = order();
    var weeks = order.stream().map(i -> nodes.get(i).week).toList();
    var summary = first.title() + " and " + second.title() + ", laid into each other.";
    return new Result(
        new Course(id, title, summary, weeks, first.baseline().or(second::baseline)),
        conflicts,
        pairs.stream().map(pair -> join(pair, order)).toList());
  }

  private Join join(Pair pair, List<Integer> order) {
    int week =
        Math.min(
            order.indexOf(nodes.indexOf(pair.one())), order.indexOf(nodes.indexOf(pair.other())));
    return new Join(pair.id(), week + 1, pair.first(), pair.second(), as(pair.id()));
  }

  private JoinedWeek.As as(String join) {
    return decisions.joins().getOrDefault(join, JoinedWeek.As.BOTH);
  }

  /** The week that comes back to the first drawings has all others before it. */
  private void keepLast() {
    for (int last = 0; last < nodes.size(); last++) {
      for (int other = 0; other < nodes.size(); other++) {
        if (nodes.get(last).isLast && !nodes.get(other).isLast) {
          followers.get(other).add(last);
        }
      }
    }
  }

  private Conflict conflict(Wish wish, boolean decided) {
    return new Conflict(
        wish.id(nodes),
        nodes.get(wish.earlier()).week.title(),
        nodes.get(wish.later()).week.title(),
        wish.reason(),
        decided);
  }

  private void collect() {
    var ids = new LinkedHashSet<String>();
    first.exercises().forEach(e -> ids.add(e.id()));
    for (int i = 0; i < first.weeks().size(); i++) {
      var node = new Node(sourced(first, i), (i + 0.5) / first.weeks().size());
      node.inFirst = i;
      node.isLast = isLast(first, i);
      nodes.add(node);
    }
    var ofFirst = List.copyOf(nodes);
    for (int i = 0; i < second.weeks().size(); i++) {
      var week = renamed(sourced(second, i), ids);
      var own = new Node(week, (i + 0.5) / second.weeks().size());
      own.inSecond = i;
      own.isLast = isLast(second, i);
      var partner = partner(ofFirst, own);
      if (partner.isEmpty()) {
        nodes.add(own);
        continue;
      }
      var id = "a" + (partner.get().inFirst + 1) + "+b" + (i + 1);
      var firstTitle = first.weeks().get(partner.get().inFirst).title();
      partnered.add(partner.get());
      if (as(id) == JoinedWeek.As.TWO_WEEKS) {
        nodes.add(own);
        pairs.add(new Pair(id, partner.get(), own, firstTitle, week.title()));
      } else {
        partner.get().week = JoinedWeek.of(partner.get().week, week, as(id));
        partner.get().inSecond = i;
        pairs.add(new Pair(id, partner.get(), partner.get(), firstTitle, week.title()));
      }
    }
  }

  /** Whether a week ends its course by coming back to what was drawn at its start. */
  private static boolean isLast(Course course, int week) {
    boolean redraw =
        course.baseline().stream().anyMatch(b -> b.again().contains(Baseline.Moment.END))
            || course.weeks().get(week).exercises().stream()
                .anyMatch(e -> e.kind() == ExerciseKind.CHECKPOINT);
    return redraw && week > 0 && week == course.weeks().size() - 1;
  }

  private static CourseWeek sourced(Course course, int i) {
    var week = course.weeks().get(i);
    var resources = new LinkedHashSet<>(week.resources());
    resources.add(course.title() + ", week " + (i + 1));
    return new CourseWeek(
        week.title(), week.aim(), week.topics(), week.exercises(), List.copyOf(resources));
  }

  private static CourseWeek renamed(CourseWeek week, Set<String> taken) {
    var names = new HashMap<String, String>();
    for (var exercise : week.exercises()) {
      var id = exercise.id();
      for (int n = 2; !taken.add(id); n++) {
        id = exercise.id() + "-" + n;
      }
      names.put(exercise.id(), id);
    }
    return week.withExercises(week.exercises().stream().map(e -> e.renamed(names)).toList());
  }

  private Optional<Node> partner(List<Node> ofFirst, Node other) {
    var week = other.week;
    return ofFirst.stream()
        .filter(n -> !partnered.contains(n) && n.isLast == other.isLast)
        .filter(n -> Math.abs(n.place - other.place) <= SAME_PART)
        .filter(n -> !week.topics().isEmpty() && !n.week.topics().isEmpty())
        .filter(n -> canonical(n.week.topics().get(0)).equals(canonical(week.topics().get(0))))
        .findFirst();
  }

  private String canonical(String topic) {
    return graph.find(topic).map(Topic::name).orElse(topic);
  }

  /** What is wanted, the strongest first. */
  private List<Wish> wishes() {
    var wishes = new ArrayList<Wish>();
    var topics = new ArrayList<Set<String>>();
    for (var node : nodes) {
      var names = new LinkedHashSet<String>();
      node.week.topics().forEach(t -> names.add(canonical(t)));
      topics.add(names);
    }
    for (int later = 0; later < nodes.size(); later++) {
      for (int earlier : neededFirst(later, topics)) {
        wishes.add(new Wish(earlier, later, Reason.NEEDED_FIRST));
      }
    }
    addOrder(wishes, Comparator.comparingInt(n -> n.inFirst), true);
    addOrder(wishes, Comparator.comparingInt(n -> n.inSecond), false);
    return wishes;
  }

  /**
   * The weeks that bring what a week needs: of its own course, or of the other where its own has
   * none before it.
   */
  private Set<Integer> neededFirst(int week, List<Set<String>> topics) {
    var node = nodes.get(week);
    return topics.get(week).stream()
        .flatMap(t -> graph.allNeeds(t).stream())
        .filter(need -> !topics.get(week).contains(need))
        .flatMap(
            need -> {
              var bringing =
                  IntStream.range(0, nodes.size())
                      .filter(i -> !nodes.get(i).isLast && topics.get(i).contains(need))
                      .boxed()
                      .toList();
              return first(bringing, i -> isBefore(nodes.get(i), node))
                  .or(() -> first(bringing, i -> !sameCourse(nodes.get(i), node)))
                  .stream();
            })
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private Optional<Integer> first(List<Integer> bringing, IntPredicate which) {
    return bringing.stream()
        .filter(which::test)
        .min(Comparator.comparingDouble(i -> nodes.get(i).place));
  }

  private static boolean isBefore(Node one, Node other) {
    return one.inFirst >= 0 && one.inFirst < other.inFirst
        || one.inSecond >= 0 && one.inSecond < other.inSecond;
  }

  private static boolean sameCourse(Node one, Node other) {
    return one.inFirst >= 0 && other.inFirst >= 0 || one.inSecond >= 0 && other.inSecond >= 0;
  }

  private void addOrder(List<Wish> wishes, Comparator<Node> by, boolean ofFirst) {
    var own =
        nodes.stream().filter(n -> (ofFirst ? n.inFirst : n.inSecond) >= 0).sorted(by).toList();
    for (int i = 1; i < own.size(); i++) {
      wishes.add(
          new Wish(
              nodes.indexOf(own.get(i - 1)),
              nodes.indexOf(own.get(i)),
              ofFirst ? Reason.FIRST_COURSE : Reason.SECOND_COURSE));
    }
  }

  private boolean reaches(int from, int to) {
    var seen = new boolean[nodes.size()];
    var open = new ArrayList<>(List.of(from));
    while (!open.isEmpty()) {
      int node = open.remove(open.size() - 1);
      if (node == to) {
        return true;
      }
      if (!seen[node]) {
        seen[node] = true;
        open.addAll(followers.get(node));
      }
    }
    return false;
  }

  /** Kahn's algorithm; among weeks that could come next the one that stood earliest comes first. */
  private List<Integer> order() {
    Map<Integer, Integer> waiting = new HashMap<>();
    followers.forEach(all -> all.forEach(i -> waiting.merge(i, 1, Integer::sum)));
    var ready =
        new PriorityQueue<Integer>(
            Comparator.comparingDouble((Integer i) -> nodes.get(i).place).thenComparing(i -> i));
    for (int i = 0; i < nodes.size(); i++) {
      if (!waiting.containsKey(i)) {
        ready.add(i);
      }
    }
    var order = new ArrayList<Integer>();
    while (!ready.isEmpty()) {
      int next = ready.remove();
      order.add(next);
      for (int after : followers.get(next)) {
        if (waiting.merge(after, -1, Integer::sum) == 0) {
          ready.add(after);
        }
      }
    }
    return order;
  }
}
