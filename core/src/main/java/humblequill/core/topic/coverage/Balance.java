package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.stats.EffectiveNumber;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * How the minutes of a window divide. An entry of several topics or facets is split evenly among
 * them, so that the parts of every strip add up to the minutes drawn.
 *
 * @param minutes drawn in all
 */
public record Balance(int minutes, List<Strip> strips) {
  public Balance {
    strips = List.copyOf(strips);
  }

  /** By what minutes are divided. */
  public enum By {
    AREA,
    SOURCE,
    MEDIUM,
    LENGTH,
    /** What drawings show beside their topic; left out where none tells it. */
    FACET,
    PURPOSE
  }

  /** How long one drawing took. */
  public enum Length {
    UNDER_ONE_MINUTE,
    ONE_TO_FIVE,
    FIVE_TO_TWENTY,
    TWENTY_TO_SIXTY,
    OVER_AN_HOUR;

    private static final double[] FROM = {1, 5, 20, 60};

    private static Length of(double minutes) {
      int length = 0;
      while (length < FROM.length && minutes >= FROM[length]) {
        length++;
      }
      return values()[length];
    }
  }

  /** For what it was drawn. */
  public enum For {
    COURSE,
    PROMISE,
    LIKING
  }

  /**
   * One way of dividing.
   *
   * @param parts the largest first; what was not said last, under an empty name
   * @param asIf how many equal parts would be as diverse as what was said; 0 without any
   */
  public record Strip(By by, List<Part> parts, double asIf) {}

  /** A part of a strip; its minutes need not be whole. */
  public record Part(String name, double minutes) {}

  /**
   * The balance of what was drawn.
   *
   * @param promised whether an entry counts for a promise that says what is drawn
   */
  public static Balance of(List<Drawn> drawn, TopicGraph graph, Predicate<Drawn> promised) {
    var sums = new EnumMap<By, Map<String, Double>>(By.class);
    for (var by : By.values()) {
      sums.put(by, new LinkedHashMap<>());
    }
    int total = 0;
    for (var d : drawn) {
      double minutes = d.minutes().minutes();
      total += d.minutes().minutes();
      if (minutes == 0) {
        continue;
      }
      if (d.topics().isEmpty()) {
        add(sums.get(By.AREA), "", minutes);
      }
      for (var topic : d.topics()) {
        var area = graph.find(topic).map(Topic::area).orElse("");
        add(sums.get(By.AREA), area, minutes / d.topics().size());
      }
      add(sums.get(By.SOURCE), d.source().orElse(""), minutes);
      add(sums.get(By.MEDIUM), d.medium().orElse(""), minutes);
      add(
          sums.get(By.LENGTH),
          d.drawings().map(n -> Length.of(minutes / n).name()).orElse(""),
          minutes);
      var facets = d.learned().study().facets();
      (facets.isEmpty() ? List.of("") : facets)
          .forEach(f -> add(sums.get(By.FACET), f, minutes / Math.max(1, facets.size())));
      add(sums.get(By.PURPOSE), purpose(d, promised).name(), minutes);
    }
    if (sums.get(By.FACET).keySet().stream().allMatch(String::isEmpty)) {
      sums.remove(By.FACET);
    }
    return new Balance(
        total, sums.entrySet().stream().map(e -> strip(e.getKey(), e.getValue())).toList());
  }

  private static void add(Map<String, Double> sums, String name, double minutes) {
    sums.merge(name, minutes, Double::sum);
  }

  private static For purpose(Drawn drawn, Predicate<Drawn> promised) {
    if (promised.test(drawn)) {
      return For.PROMISE;
    }
    return drawn.learned().purpose() == Drawn.Purpose.FREE ? For.LIKING : For.COURSE;
  }

  private static Strip strip(By by, Map<String, Double> sums) {
    var parts =
        sums.entrySet().stream()
            .map(e -> new Part(e.getKey(), e.getValue()))
            .sorted(
                Comparator.comparing((Part p) -> p.name.isEmpty())
                    .thenComparing(p -> -p.minutes)
                    .thenComparing(Part::name))
            .toList();
    return new Strip(
        by,
        parts,
        EffectiveNumber.of(
            parts.stream().filter(p -> !p.name.isEmpty()).map(Part::minutes).toList()));
  }
}
