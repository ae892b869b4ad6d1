package humblequill.core.logline;

import humblequill.core.entry.Entry;
import humblequill.core.entry.EntryDraft;
import java.util.List;
import java.util.Optional;

/**
 * What a line says.
 *
 * @param phrases every phrase in the order of its field
 * @param clear what is clear so far, for a form to begin with
 * @param complete whether that is an entry to save: nothing is open, and the line says something
 */
public record Interpretation(List<Phrase> phrases, EntryDraft clear, boolean complete) {
  public Interpretation {
    phrases = List.copyOf(phrases);
  }

  /** The entry that would be saved. */
  public Optional<Entry> entry() {
    return complete ? Optional.of(clear.entry()) : Optional.empty();
  }
}
