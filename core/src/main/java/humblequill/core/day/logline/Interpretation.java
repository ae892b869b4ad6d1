package humblequill.core.day.logline;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import java.util.List;
import java.util.Optional;

/**
 * What a line says.
 *
 * @param phrases every phrase in the order of its field
 * @param drafts what is clear so far, for a form to begin with: one entry, or several where the
 *     line counts several things
 * @param dayOff whether it says that nothing was drawn
 * @param complete whether these are entries to save: nothing is open, and the line says something
 */
public record Interpretation(
    List<Phrase> phrases, List<EntryDraft> drafts, boolean dayOff, boolean complete) {
  public Interpretation {
    phrases = List.copyOf(phrases);
    drafts = List.copyOf(drafts);
  }

  /** The entries that would be saved, none while something is open. */
  public List<Entry> entries() {
    return complete ? drafts.stream().map(EntryDraft::entry).toList() : List.of();
  }

  /** The entry that would be saved, where there is just one. */
  public Optional<Entry> entry() {
    var entries = entries();
    return entries.size() == 1 ? Optional.of(entries.get(0)) : Optional.empty();
  }
}
