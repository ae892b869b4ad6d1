package humblequill.server.day.entry;

import humblequill.core.ground.name.Names;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stored entry.
 *
 * @param id made by the client
 * @param version counts changes; a write with an older one is refused
 * @param exerciseTitle name of the exercise when it was logged
 * @param minutesOrEstimate minutes, or estimated from the drawings; 0 when nothing tells
 * @param fields what it says
 */
public record EntryView(
    UUID id,
    long version,
    @Nullable String exerciseTitle,
    int minutesOrEstimate,
    EntryFields fields) {
  static EntryView of(EntryEntity e, Names names) {
    return new EntryView(
        e.id,
        e.version == null ? 0 : e.version,
        e.exerciseTitle,
        e.minutesOrEstimate().minutes(),
        e.fields(names));
  }
}
