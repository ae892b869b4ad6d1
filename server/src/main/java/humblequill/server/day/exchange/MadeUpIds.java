package humblequill.server.day.exchange;

import humblequill.server.day.entry.EntryFields;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The id of a line that has none: it follows from what the line says, so that the same file read
 * again makes the same ids. Empty cells do not count, so that a new column changes no id of an
 * older file. Documented in docs/formats/entries.md.
 *
 * @param fresh the id as it is made now
 * @param earlier ids that earlier versions would have made
 */
record MadeUpIds(UUID fresh, List<UUID> earlier) {
  /**
   * @param occurrence which of several equal lines it is, from 1
   */
  MadeUpIds(EntryCsv.Row row, EntryFields fields, int occurrence) {
    this(
        id("entry\n" + contents(row) + "#" + occurrence),
        Stream.of(true, false)
            .map(withPoses -> id(asBefore(row, fields, withPoses) + "#" + occurrence))
            .toList());
  }

  private static UUID id(String text) {
    return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8));
  }

  /** What a line says, column by column in the documented order. */
  static String contents(EntryCsv.Row row) {
    return EntryCsv.COLUMNS.stream()
        .filter(column -> !row.cells().getOrDefault(column, "").isBlank())
        .map(column -> column + "=" + row.cells().get(column).strip())
        .collect(Collectors.joining("\n"));
  }

  /** How version 3 of the database, and those before it with and without poses, wrote a line. */
  private static String asBefore(EntryCsv.Row row, EntryFields f, boolean withPoses) {
    var poses = row.cells().getOrDefault("poses", "").strip();
    return "EntryFields[day=%s, time=%s, exerciseId=%s, topic=%s, drawings=%s, minutes=%s, "
            .formatted(f.day(), f.time(), f.exerciseId(), f.topic(), f.drawings(), f.minutes())
        + "source=%s, medium=%s, resource=%s, book=%s, pageFrom=%s, pageTo=%s, mark=%s, "
            .formatted(
                f.source(),
                f.medium(),
                f.resource(),
                f.book(),
                f.pageFrom(),
                lastPage(row),
                f.mark())
        + "wentWrong=%s, nextTime=%s, note=%s".formatted(f.wentWrong(), f.nextTime(), f.note())
        + (withPoses ? ", poses=" + (poses.isEmpty() ? null : poses) : "")
        + "]";
  }

  private static @Nullable Integer lastPage(EntryCsv.Row row) {
    var text = row.cells().getOrDefault("page_to", "").strip();
    return text.isEmpty() ? null : Integer.valueOf(text);
  }

  /** All of them. */
  List<UUID> all() {
    return Stream.concat(Stream.of(fresh), earlier.stream()).toList();
  }

  /** The one that is known already, else a fresh one. */
  UUID knownOrFresh(Set<UUID> known) {
    return all().stream().filter(known::contains).findFirst().orElse(fresh);
  }
}
