package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PoseLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What two or more of the best have in common.
 *
 * @param what which property
 * @param value what they share
 * @param top how many of the best have it
 * @param ofTop how many are the best
 * @param rest how many of the others have it
 * @param ofRest how many others there are
 */
public record SharedByTop(What what, String value, int top, int ofTop, int rest, int ofRest) {
  /** What can be shared. */
  public enum What {
    /** What it was drawn with. */
    MEDIUM,
    /** What it was drawn from. */
    SOURCE,
    /** What was drawn. */
    SUBJECT,
    /** How long one drawing took, by the name of a {@link PoseLength}. */
    LENGTH,
    /** What it shows beside its topic. */
    FACET
  }

  /**
   * What the best share, one value a property: that which most of them have.
   *
   * @param ranked entries of the pictures, the best first; empty for pictures without one
   * @param top how many of them are the best
   */
  public static List<SharedByTop> of(List<Optional<Drawn>> ranked, int top) {
    var shared = new ArrayList<SharedByTop>();
    of(What.MEDIUM, d -> d.medium().stream(), ranked, top).ifPresent(shared::add);
    of(What.SOURCE, d -> d.source().stream(), ranked, top).ifPresent(shared::add);
    of(What.SUBJECT, d -> Stream.of(d.called()), ranked, top).ifPresent(shared::add);
    of(What.LENGTH, d -> PoseLength.of(d).stream().map(Enum::name), ranked, top)
        .ifPresent(shared::add);
    of(What.FACET, d -> d.learned().study().facets().stream(), ranked, top).ifPresent(shared::add);
    return shared;
  }

  private static Optional<SharedByTop> of(
      What what, Function<Drawn, Stream<String>> of, List<Optional<Drawn>> ranked, int top) {
    Map<String, Long> best = counts(of, ranked.subList(0, top));
    Map<String, Long> others = counts(of, ranked.subList(top, ranked.size()));
    return best.entrySet().stream()
        .filter(e -> e.getValue() > 1)
        .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(
            e ->
                new SharedByTop(
                    what,
                    e.getKey(),
                    e.getValue().intValue(),
                    top,
                    others.getOrDefault(e.getKey(), 0L).intValue(),
                    ranked.size() - top));
  }

  private static Map<String, Long> counts(
      Function<Drawn, Stream<String>> of, List<Optional<Drawn>> drawn) {
    return drawn.stream()
        .flatMap(Optional::stream)
        .flatMap(of)
        .collect(Collectors.groupingBy(v -> v, Collectors.counting()));
  }
}
