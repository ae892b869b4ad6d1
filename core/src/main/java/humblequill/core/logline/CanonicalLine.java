package humblequill.core.logline;

import humblequill.core.entry.Entry;
import humblequill.core.entry.PageSpan;
import java.util.ArrayList;

/** Writes an entry as a line in one fixed order. */
final class CanonicalLine {
  private CanonicalLine() {}

  static String write(Entry entry, Vocabulary vocabulary) {
    var parts = new ArrayList<String>();
    var subject =
        entry
            .exerciseId()
            .map(id -> title(vocabulary.word(WordKind.EXERCISE, id), vocabulary))
            .or(entry::topic);
    entry
        .drawings()
        .map(n -> subject.map(s -> n + " " + s).orElse(n + " drawings"))
        .or(() -> subject)
        .ifPresent(parts::add);
    entry.minutes().ifPresent(m -> parts.add(m + " min"));
    entry.medium().ifPresent(parts::add);
    entry.source().ifPresent(parts::add);
    entry.resource().ifPresent(parts::add);
    entry.book().ifPresent(parts::add);
    entry.pages().ifPresent(p -> parts.add(pages(p)));
    entry.mark().ifPresent(m -> parts.add(m + "/5"));
    parts.add(entry.day().toString());
    entry.time().ifPresent(t -> parts.add("at " + t));
    text(parts, "went wrong", entry.wentWrong());
    text(parts, "next time", entry.nextTime());
    text(parts, "note", entry.note());
    return String.join(", ", parts);
  }

  static String title(Word exercise, Vocabulary vocabulary) {
    return vocabulary.needsWeek(exercise)
        ? exercise.name() + " week " + exercise.week()
        : exercise.name();
  }

  static String pages(PageSpan pages) {
    return pages.from() == pages.to()
        ? "p " + pages.from()
        : "p " + pages.from() + "-" + pages.to();
  }

  private static void text(ArrayList<String> parts, String label, String text) {
    if (!text.isBlank()) {
      parts.add(label + " \"" + text.replace("\"", "\"\"") + "\"");
    }
  }
}
