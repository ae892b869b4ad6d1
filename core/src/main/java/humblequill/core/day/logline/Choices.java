package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Other readings of a line, each as the line that says it. */
final class Choices {
  private static final int MOST_SUBJECTS = 8;

  private final Line line;
  private final Vocabulary vocabulary;

  Choices(Line line, Vocabulary vocabulary) {
    this.line = line;
    this.vocabulary = vocabulary;
  }

  Phrase.Choice of(Line.Claim claim, String label, String written) {
    return new Phrase.Choice(label, with(claim, written), Optional.empty());
  }

  Phrase.Choice of(Line.Claim claim, Word word) {
    var title = CanonicalLine.title(word, vocabulary);
    return of(claim, title, title);
  }

  Phrase.Choice of(Line.Claim claim, Ask.Option option) {
    return new Phrase.Choice(option.label(), with(claim, option.text()), option.as());
  }

  private String with(Line.Claim claim, String written) {
    return line.original().substring(0, claim.start())
        + written
        + line.original().substring(claim.end());
  }

  /** What else a name could be. */
  List<Phrase.Choice> otherReadings(Line.Claim claim, Word taken) {
    if (!taken.kind().isSubject()) {
      return vocabulary.names(taken.kind()).stream()
          .filter(w -> !w.key().equals(taken.key()))
          .map(w -> of(claim, w.name(), w.name()))
          .toList();
    }
    var stems =
        Fold.stems(line.written(claim.start(), claim.end())).stream()
            .filter(s -> !vocabulary.joins(s))
            .toList();
    return vocabulary.allSubjects(stems).stream()
        .filter(w -> !w.equals(taken))
        .limit(MOST_SUBJECTS)
        .map(w -> of(claim, w))
        .toList();
  }

  /** Lines that say one of several things and leave the others out. */
  List<Phrase.Choice> keepingOne(List<Line.Claim> claims) {
    var choices = new ArrayList<Phrase.Choice>();
    for (var kept : claims) {
      var rest = new StringBuilder(line.original());
      claims.stream()
          .filter(c -> c != kept)
          .sorted((a, b) -> b.start() - a.start())
          .forEach(c -> rest.delete(c.start(), c.end()));
      choices.add(
          new Phrase.Choice(
              line.written(kept.start(), kept.end()),
              rest.toString()
                  .replaceAll("\\s*,(?:\\s*,)+", ",")
                  .replaceAll("^[\\s,]+|[\\s,]+$", "")
                  .replaceAll("  +", " "),
              Optional.empty()));
    }
    return choices;
  }

  /** What could stand instead of what the program filled in, nothing included. */
  List<Phrase.Choice> insteadOf(Phrase.Field field, String filled) {
    var names =
        vocabulary.names(WordKind.valueOf(field.name())).stream()
            .map(Word::name)
            .filter(name -> !name.equals(filled));
    var none = "no " + field.name().toLowerCase(Locale.ROOT);
    return Stream.concat(names, Stream.of(none))
        .map(
            text ->
                new Phrase.Choice(text, line.original().strip() + ", " + text, Optional.empty()))
        .toList();
  }
}
