package humblequill.core.book;

import humblequill.core.day.entry.Drawn;
import java.util.List;
import java.util.Optional;

/**
 * A page with all that is known of it.
 *
 * @param number its position
 * @param state what became of it: as told, else by its entries and pictures
 * @param fact what was told of it; empty without
 * @param layers entries on it, oldest first: the first made it, later ones are layers over it
 */
public record Page(int number, PageState state, Optional<PageFact> fact, List<Drawn> layers) {
  public Page {
    layers = List.copyOf(layers);
  }

  /** Whether something may still be begun on it. */
  public boolean isLeft() {
    return state == PageState.UNTOUCHED;
  }

  /** Whether it was ever drawn on, wherever it is now. */
  public boolean isDrawnOn() {
    return state == PageState.DRAWN
        || !layers.isEmpty()
        || fact.map(f -> f.pictures() > 0).orElse(false);
  }
}
