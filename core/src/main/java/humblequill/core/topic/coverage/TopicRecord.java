package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * All that the entries of one topic tell.
 *
 * @param freshness over time: just before each practice day and on today
 * @param weeks minutes of each week from the first to this one
 * @param marks over days and over drawings
 * @param levels how they went
 * @param resources what it was learned from, the most first; without a name what tells none
 * @param kinds the same by what kind of resource it was; without a name what tells none
 * @param groups with and without reference, from which sources
 * @param chain how far it was taken, in the order of the steps
 * @param facets what it showed, the most marked first
 * @param depth the deepest that an entry tells
 */
public record TopicRecord(
    List<FreshnessPoint> freshness,
    List<WeekMinutes> weeks,
    List<MarkPoint> marks,
    MarkLevels levels,
    List<ResourceShare> resources,
    List<ResourceShare> kinds,
    List<Group> groups,
    List<ChainLink> chain,
    List<Group> facets,
    Optional<Depth> depth) {
  /**
   * Freshness on a day, before anything was drawn on it; 1 on the first.
   *
   * @param practised whether something was drawn on that day
   * @param spacedReturn whether that made it a spaced return
   */
  public record FreshnessPoint(
      LocalDate day, double value, boolean practised, boolean spacedReturn) {}

  /** Minutes and drawings of a week. */
  public record WeekMinutes(LocalDate from, int minutes, int drawings) {}

  /**
   * A mark.
   *
   * @param drawings made of the topic up to it, this entry's among them
   */
  public record MarkPoint(UUID entry, LocalDate day, int drawings, int mark) {}

  /** Minutes with one resource, or with those of a kind; an empty name tells none. */
  public record ResourceShare(String resource, int minutes, double share) {}

  /**
   * Entries that have something in common.
   *
   * @param marked how many have a mark
   * @param meanMark of those; 0 without any
   * @param wentWrong how many say what went wrong
   */
  public record Group(
      String name, int entries, int minutes, int marked, double meanMark, int wentWrong) {
    private static Group of(String name, Collection<Drawn> drawn) {
      return new Group(
          name,
          drawn.size(),
          drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
          (int) drawn.stream().filter(d -> d.mark() > 0).count(),
          drawn.stream().filter(d -> d.mark() > 0).mapToInt(Drawn::mark).average().orElse(0),
          (int) drawn.stream().filter(d -> d.learned().wentWrong()).count());
    }
  }

  /** The steps from looking to knowing. */
  public enum Step {
    /** From life, a photo or a copy. */
    OBSERVE,
    /** Told to be simple or grouped. */
    SIMPLIFY,
    /** From memory. */
    BY_HEART,
    /** From imagination: a new pose or place. */
    NEW_PLACE
  }

  /** How often a step was taken. */
  public record ChainLink(Step step, int entries, Optional<LocalDate> last) {}

  /** How a drawing was referred to. */
  public enum Reference {
    WITH,
    WITHOUT,
    /** Traced, or nothing said. */
    NEITHER
  }

  /**
   * The record.
   *
   * @param drawn entries of the topic, oldest first
   * @param source what a source was called when it shipped
   * @param kindOf what kind of resource one is, by its name; empty where that was not told
   */
  public static TopicRecord of(
      List<Drawn> drawn,
      LocalDate today,
      DayOfWeek weekStart,
      FreshnessRule rule,
      Function<String, String> source,
      Function<String, Optional<String>> kindOf) {
    var byReference =
        drawn.stream().collect(Collectors.groupingBy(d -> reference(d.source().map(source))));
    var groups = new ArrayList<Group>();
    for (var reference : List.of(Reference.WITH, Reference.WITHOUT)) {
      groups.add(Group.of(reference.name(), byReference.getOrDefault(reference, List.of())));
    }
    var marks = marks(drawn);
    return new TopicRecord(
        freshness(drawn, today, rule),
        weeks(drawn, today, weekStart),
        marks,
        MarkLevels.of(marks, weekStart),
        resources(drawn, Optional::of),
        resources(drawn, kindOf),
        groups,
        chain(drawn, source),
        facets(drawn),
        drawn.stream()
            .flatMap(d -> d.learned().study().depth().stream())
            .max(Comparator.naturalOrder()));
  }

  /** Whether a source, by its shipped name, is a reference before the eyes. */
  public static Reference reference(Optional<String> source) {
    return switch (source.orElse("")) {
      case "life", "photo", "master copy", "lesson along" -> Reference.WITH;
      case "memory", "imagination" -> Reference.WITHOUT;
      default -> Reference.NEITHER;
    };
  }

  private static List<FreshnessPoint> freshness(
      List<Drawn> drawn, LocalDate today, FreshnessRule rule) {
    var days = new TreeSet<LocalDate>();
    var points = new ArrayList<FreshnessPoint>();
    int returns = 0;
    for (var day : drawn.stream().map(Drawn::day).distinct().toList()) {
      double before = Freshness.on(day, days, rule).map(Freshness::value).orElse(1.);
      days.add(day);
      int after = Freshness.on(day, days, rule).orElseThrow().returns();
      points.add(new FreshnessPoint(day, before, true, after > returns));
      returns = after;
    }
    Freshness.on(today, days, rule)
        .filter(f -> f.last().isBefore(today))
        .ifPresent(f -> points.add(new FreshnessPoint(today, f.value(), false, false)));
    return points;
  }

  private static List<WeekMinutes> weeks(List<Drawn> drawn, LocalDate today, DayOfWeek weekStart) {
    if (drawn.isEmpty()) {
      return List.of();
    }
    var byWeek = new TreeMap<LocalDate, int[]>();
    var first = Weeks.startOf(drawn.get(0).day(), weekStart);
    for (var week = first; !week.isAfter(today); week = week.plusWeeks(1)) {
      byWeek.put(week, new int[2]);
    }
    for (var d : drawn) {
      var sums = byWeek.get(Weeks.startOf(d.day(), weekStart));
      sums[0] += d.minutes().minutes();
      sums[1] += d.drawings().orElse(0);
    }
    return byWeek.entrySet().stream()
        .map(e -> new WeekMinutes(e.getKey(), e.getValue()[0], e.getValue()[1]))
        .toList();
  }

  private static List<MarkPoint> marks(List<Drawn> drawn) {
    var points = new ArrayList<MarkPoint>();
    int drawings = 0;
    for (var d : drawn) {
      drawings += d.drawings().orElse(0);
      if (d.mark() > 0) {
        points.add(new MarkPoint(d.entry(), d.day(), drawings, d.mark()));
      }
    }
    return points;
  }

  private static List<ResourceShare> resources(
      List<Drawn> drawn, Function<String, Optional<String>> of) {
    var minutes = new LinkedHashMap<String, Integer>();
    int all = 0;
    for (var d : drawn) {
      minutes.merge(
          d.learned().resource().flatMap(of).orElse(""), d.minutes().minutes(), Integer::sum);
      all += d.minutes().minutes();
    }
    double total = Math.max(1, all);
    return minutes.entrySet().stream()
        .map(e -> new ResourceShare(e.getKey(), e.getValue(), e.getValue() / total))
        .sorted(
            Comparator.comparing((ResourceShare r) -> r.resource().isEmpty())
                .thenComparing(r -> -r.minutes()))
        .toList();
  }

  private static List<ChainLink> chain(List<Drawn> drawn, Function<String, String> source) {
    Map<Step, List<Drawn>> steps = new LinkedHashMap<>();
    for (var step : Step.values()) {
      steps.put(step, new ArrayList<>());
    }
    for (var d : drawn) {
      var from = d.source().map(source).orElse("");
      if (reference(Optional.of(from)) == Reference.WITH) {
        steps.get(Step.OBSERVE).add(d);
      }
      if (d.learned().study().depth().filter(depth -> depth != Depth.DETAILED).isPresent()) {
        steps.get(Step.SIMPLIFY).add(d);
      }
      if (from.equals("memory")) {
        steps.get(Step.BY_HEART).add(d);
      }
      if (from.equals("imagination")) {
        steps.get(Step.NEW_PLACE).add(d);
      }
    }
    return steps.entrySet().stream()
        .map(
            e ->
                new ChainLink(
                    e.getKey(),
                    e.getValue().size(),
                    e.getValue().stream().map(Drawn::day).max(Comparator.naturalOrder())))
        .toList();
  }

  private static List<Group> facets(List<Drawn> drawn) {
    var byFacet = new TreeMap<String, List<Drawn>>();
    for (var d : drawn) {
      d.learned()
          .study()
          .facets()
          .forEach(f -> byFacet.computeIfAbsent(f, k -> new ArrayList<>()).add(d));
    }
    return byFacet.entrySet().stream()
        .map(e -> Group.of(e.getKey(), e.getValue()))
        .sorted(Comparator.comparing(g -> -g.marked()))
        .toList();
  }
}
