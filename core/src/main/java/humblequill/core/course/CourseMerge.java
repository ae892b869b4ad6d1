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

/**
 * Merges two courses into one. Weeks with the same first topic join and keep both sources. The
 * order is a stable topological sort: what a topic needs comes first, then each course's own order
 * as far as it agrees. Where orders contradict each other the stronger one wins and the conflict is
 * listed; the learner can decide otherwise.
 */
public final class CourseMerge {
  private final Course first;
  private final Course second;
  private final TopicGraph graph;
  private final Set<String> overruled;
  private final List<Node> nodes = new ArrayList<>();
  private final List<Set<Integer>> followers = new ArrayList<>();
  private final List<Conflict> conflicts = new ArrayList<>();

  private CourseMerge(Course first, Course second, TopicGraph graph, Set<String> overruled) {
    this.first = first;
    this.second = second;
    this.graph = graph;
    this.overruled = overruled;
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

  /** The merged course, what could not be had, and how many weeks joined. */
  public record Result(Course course, List<Conflict> conflicts, int joined) {}

  /**
   * Merges.
   *
   * @param overruled ids of conflicts that the learner decides for what was refused
   * @param id id of the merged course
   * @param title its title
   */
  public static Result merge(
      Course first,
      Course second,
      TopicGraph graph,
      Set<String> overruled,
      String id,
      String title) {
    return new CourseMerge(first, second, graph, overruled).run(id, title);
  }

  private static final class Node {
    private CourseWeek week;
    private int inFirst = -1;
    private int inSecond = -1;
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

  private Result run(String id, String title) {
    collect();
    var wishes = wishes();
    wishes.sort(Comparator.comparing(w -> !overruled.contains(w.id(nodes))));
    for (int i = 0; i < nodes.size(); i++) {
      followers.add(new LinkedHashSet<>());
    }
    for (var wish : wishes) {
      boolean decided = overruled.contains(wish.id(nodes));
      boolean possible = !reaches(wish.later(), wish.earlier());
      if (possible) {
        followers.get(wish.earlier()).add(wish.later());
      }
      if (decided || !possible) {
        conflicts.add(conflict(wish, decided && possible));
      }
    }
    var weeks = order().stream().map(i -> nodes.get(i).week).toList();
    int joined = (int) nodes.stream().filter(n -> n.inFirst >= 0 && n.inSecond >= 0).count();
    var summary = first.title() + " and " + second.title() + ", laid into each other.";
    return new Result(
        new Course(id, title, summary, weeks, first.baseline().or(second::baseline)),
        List.copyOf(conflicts),
        joined);
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
      nodes.add(node);
    }
    for (int i = 0; i < second.weeks().size(); i++) {
      var week = renamed(sourced(second, i), ids);
      var partner = partner(week);
      if (partner.isPresent()) {
        partner.get().week = joined(partner.get().week, week);
        partner.get().inSecond = i;
      } else {
        var node = new Node(week, (i + 0.5) / second.weeks().size());
        node.inSecond = i;
        nodes.add(node);
      }
    }
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

  private Optional<Node> partner(CourseWeek week) {
    return nodes.stream()
        .filter(n -> n.inFirst >= 0 && n.inSecond < 0)
        .filter(n -> !week.topics().isEmpty() && !n.week.topics().isEmpty())
        .filter(n -> canonical(n.week.topics().get(0)).equals(canonical(week.topics().get(0))))
        .findFirst();
  }

  private String canonical(String topic) {
    return graph.find(topic).map(Topic::name).orElse(topic);
  }

  private static CourseWeek joined(CourseWeek a, CourseWeek b) {
    var topics = new LinkedHashSet<>(a.topics());
    topics.addAll(b.topics());
    var resources = new LinkedHashSet<>(a.resources());
    resources.addAll(b.resources());
    var exercises = new ArrayList<>(a.exercises());
    exercises.addAll(b.exercises());
    var title = a.title().equalsIgnoreCase(b.title()) ? a.title() : a.title() + " · " + b.title();
    var aim = a.aim().isEmpty() || b.aim().isEmpty() ? a.aim() + b.aim() : a.aim() + " " + b.aim();
    return new CourseWeek(title, aim, List.copyOf(topics), exercises, List.copyOf(resources));
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
      for (int earlier = 0; earlier < nodes.size(); earlier++) {
        if (earlier != later && needs(topics.get(later), topics.get(earlier))) {
          wishes.add(new Wish(earlier, later, Reason.NEEDED_FIRST));
        }
      }
    }
    addOrder(wishes, Comparator.comparingInt(n -> n.inFirst), true);
    addOrder(wishes, Comparator.comparingInt(n -> n.inSecond), false);
    return wishes;
  }

  private boolean needs(Set<String> later, Set<String> earlier) {
    return later.stream()
        .flatMap(t -> graph.allNeeds(t).stream())
        .anyMatch(need -> earlier.contains(need) && !later.contains(need));
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
