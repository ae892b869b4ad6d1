package humblequill.core.logline;

import humblequill.core.entry.Entry;
import java.util.List;
import java.util.Optional;

/**
 * What a line says.
 *
 * @param parts every part in the order of its field
 * @param entry the entry that would be saved; absent while a question or problem is open or the
 *     line says nothing
 */
public record Interpretation(List<Part> parts, Optional<Entry> entry) {
  public Interpretation {
    parts = List.copyOf(parts);
  }
}
