package humblequill.server.bench;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What was measured of pictures that were held beside a reference. */
@Component
public class MeasuredPictures {
  private final Comparisons comparisons;

  MeasuredPictures(Comparisons comparisons) {
    this.comparisons = comparisons;
  }

  /**
   * What was measured of a picture.
   *
   * @param meanOffset mean distance of its landmarks from their places, in shares of the size
   */
  public record MeasuredPicture(UUID comparison, double meanOffset) {}

  /** Those that were measured, by the newest comparison of each. */
  @Transactional(readOnly = true)
  public Map<UUID, MeasuredPicture> of(Set<UUID> pictures) {
    var measured = new HashMap<UUID, MeasuredPicture>();
    for (var kept : comparisons.all()) {
      var attempt = kept.fields().attempt();
      if (attempt != null && pictures.contains(attempt)) {
        comparisons
            .held(kept)
            .compared()
            .ifPresent(c -> measured.put(attempt, new MeasuredPicture(kept.id(), c.meanOffset())));
      }
    }
    return measured;
  }
}
