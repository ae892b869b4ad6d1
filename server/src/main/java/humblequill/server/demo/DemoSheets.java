package humblequill.server.demo;

import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.PageSpan;
import humblequill.server.day.entry.EntryFields;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Entries of the sheets that the made-up learner held beside their references. */
final class DemoSheets {
  private DemoSheets() {}

  /**
   * Entries by their ids.
   *
   * @param days days on which something was drawn, oldest first: a sheet was drawn on the last of
   *     them before it was compared
   */
  static Map<UUID, EntryFields> write(LocalDate today, List<LocalDate> days) {
    var written = new LinkedHashMap<UUID, EntryFields>();
    for (int number = 1; number <= DemoBench.HULLS; number++) {
      var compared = DemoBench.dayOf(number - 1, today);
      var draft =
          new EntryDraft(
              days.stream().filter(d -> !d.isAfter(compared)).reduce((a, b) -> b).orElse(compared));
      draft.topic = Optional.of("hulls");
      draft.drawings = Optional.of(1);
      draft.minutes = Optional.of(number % 3 == 0 ? 12 : 6);
      draft.source = Optional.of("photo");
      draft.medium = Optional.of(number % 4 == 0 ? "brush pen" : "graphite");
      draft.book = Optional.of(DemoBench.BOOK);
      draft.pages = Optional.of(new PageSpan(number, number));
      if (number % 9 == 5) {
        draft.wentWrong = "Sheer aft too flat again.";
      }
      written.put(
          UUID.nameUUIDFromBytes(("demo/sheets/" + number).getBytes(StandardCharsets.UTF_8)),
          EntryFields.of(draft));
    }
    return written;
  }
}
