package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is most of a time, by its minutes; of equal ones the first by name.
 *
 * @param topic an entry counts for each of its topics in full
 * @param mediumShare part of all minutes that the medium took, 0 to 1
 * @param drawings how many in all
 */
public record Typical(
    Optional<String> topic,
    Optional<String> medium,
    double mediumShare,
    Optional<String> source,
    int drawings) {
  /** Of some entries. */
  public static Typical of(List<Drawn> drawn) {
    double all = drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
    var medium = most(drawn, d -> d.medium().stream());
    return new Typical(
        most(drawn, d -> d.topics().stream()).map(Map.Entry::getKey),
        medium.map(Map.Entry::getKey),
        medium.filter(m -> all > 0).map(m -> m.getValue() / all).orElse(0.0),
        most(drawn, d -> d.source().stream()).map(Map.Entry::getKey),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum());
  }

  private static Optional<Map.Entry<String, Integer>> most(
      Collection<Drawn> drawn, Function<Drawn, Stream<String>> what) {
    return drawn.stream()
        .flatMap(d -> what.apply(d).map(w -> Map.entry(w, d.minutes().minutes())))
        .collect(
            Collectors.groupingBy(Map.Entry::getKey, Collectors.summingInt(Map.Entry::getValue)))
        .entrySet()
        .stream()
        .max(
            Map.Entry.<String, Integer>comparingByValue()
                .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())));
  }
}
