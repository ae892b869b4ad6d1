package humblequill.core.bench;

import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * References of the cabinet that practise a habit: what to draw from, and what is asked of it.
 * Tilts are practised where much tilts, foreshortening where the part points at the eye, lengths
 * where little is foreshortened, so that they are seen as they are. Common practice, no published
 * source.
 */
public record Practice(Reference.Kind kind, Emphasis emphasis) {
  private static final Set<String> ARMS = Set.of("forearms", "upper arms");
  private static final Set<String> LEGS = Set.of("thighs", "lower legs");

  /**
   * The set for a habit.
   *
   * @param kinds what of the cabinet the template is the usual one for, the first one first
   * @return empty where the cabinet shows none of it
   */
  public static Optional<Practice> of(List<Reference.Kind> kinds, Quantity quantity) {
    return kinds.stream()
        .findFirst()
        .map(
            kind -> {
              var wish = emphasis(quantity);
              return new Practice(
                  kind, wish.ofFigures() && !kind.figure() ? plain(quantity) : wish);
            });
  }

  private static Emphasis emphasis(Quantity quantity) {
    return switch (quantity.kind()) {
      case TILT, TILT_RESPONSE, LEAN -> Emphasis.TILT;
      case LENGTH, TAPER, AREA -> Emphasis.LITTLE;
      case DEPTH ->
          ARMS.contains(quantity.of())
              ? Emphasis.ARMS
              : LEGS.contains(quantity.of()) ? Emphasis.LEGS : Emphasis.MUCH;
    };
  }

  private static Emphasis plain(Quantity quantity) {
    return quantity.kind() == Quantity.Kind.DEPTH ? Emphasis.MUCH : Emphasis.ANY;
  }
}
