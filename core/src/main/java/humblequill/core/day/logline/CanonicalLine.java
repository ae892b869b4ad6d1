package humblequill.core.day.logline;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Units;
import java.util.ArrayList;
import java.util.Locale;
import java.util.Optional;

/** Writes an entry as a line in one fixed order. */
final class CanonicalLine {
  private CanonicalLine() {}

  static String write(Entry entry, Vocabulary vocabulary) {
    var parts = new ArrayList<String>();
    var subject =
        entry
            .exerciseId()
            .map(id -> title(vocabulary.word(WordKind.EXERCISE, id), vocabulary))
            .or(() -> entry.topic().map(t -> named(WordKind.TOPIC, t, vocabulary)));
    entry
        .drawings()
        .map(n -> subject.map(s -> n + " " + s).orElse(n + " drawings"))
        .or(() -> subject)
        .ifPresent(parts::add);
    entry.minutes().ifPresent(m -> parts.add(m + " min"));
    entry.medium().map(n -> named(WordKind.MEDIUM, n, vocabulary)).ifPresent(parts::add);
    entry.source().map(n -> named(WordKind.SOURCE, n, vocabulary)).ifPresent(parts::add);
    resource(entry, vocabulary).ifPresent(parts::add);
    entry.study().facets().forEach(f -> parts.add(named(WordKind.FACET, f, vocabulary)));
    entry.book().map(n -> named(WordKind.BOOK, n, vocabulary)).ifPresent(parts::add);
    entry.pages().ifPresent(p -> parts.add(pages(p)));
    if (!entry.poses().isEmpty()) {
      parts.add(entry.poses().written());
    }
    entry.mark().ifPresent(m -> parts.add(m + "/5"));
    entry
        .study()
        .own()
        .filter(own -> vocabulary.ownFigure().filter(own::isCalled).isPresent())
        .ifPresent(own -> parts.add(own.what() + " " + own.count()));
    parts.add(entry.day().toString());
    entry.time().ifPresent(t -> parts.add("at " + t));
    text(parts, "went wrong", entry.wentWrong());
    text(parts, "next time", entry.nextTime());
    text(parts, "note", entry.note());
    return String.join(", ", parts);
  }

  private static Optional<String> resource(Entry entry, Vocabulary vocabulary) {
    return entry
        .resource()
        .map(
            name -> {
              var study = entry.study();
              return study.units().map(u -> units(u) + " of ").orElse("")
                  + named(WordKind.RESOURCE, name, vocabulary)
                  + study.how().map(h -> ", " + how(h)).orElse("");
            });
  }

  static String units(Units units) {
    var unit = units.kind().name().toLowerCase(Locale.ROOT);
    return units.count() == 1
        ? unit + " " + units.from()
        : unit + "s " + units.from() + "-" + units.to();
  }

  static String how(HowUsed how) {
    return how == HowUsed.FROM_MEMORY
        ? "recalled"
        : how.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** A name that the vocabulary does not know is said to be one. */
  static String named(WordKind kind, String name, Vocabulary vocabulary) {
    boolean plain =
        kind == WordKind.TOPIC ? vocabulary.meansTopic(name) : vocabulary.knows(kind, name);
    return plain
        ? name
        : kind.name().toLowerCase(Locale.ROOT) + " \"" + name.replace("\"", "'") + "\"";
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
