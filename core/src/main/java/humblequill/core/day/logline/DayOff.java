package humblequill.core.day.logline;

import java.util.regex.Pattern;

/** Lines that say that nothing was drawn: "no cranes today, ill". They are kept as a note. */
final class DayOff {
  private final Vocabulary vocabulary;
  private final Pattern begins;
  private final Pattern whole;
  private final Pattern blank;

  DayOff(Language language, Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
    var nothing = language.any("nothing");
    begins = Pattern.compile("^\\s*" + nothing + "(?![\\p{L}\\p{N}'])");
    whole = Pattern.compile("\\s*" + nothing + "\\s*[.!]?\\s*");
    blank =
        Pattern.compile(
            "(?<!\\p{L})" + language.any("without") + " (?:source|medium|book)(?!\\p{L})");
  }

  /** Nothing is counted in it, and it begins with nothing, or says why. */
  boolean isSaid(Line line) {
    var tokens = line.tokens(0, line.original().length());
    boolean counts = tokens.stream().anyMatch(t -> Character.isDigit(t.text().charAt(0)));
    if (counts || !line.find(blank).isEmpty()) {
      return false;
    }
    boolean begun = !line.find(begins).isEmpty();
    boolean said = begun;
    boolean first = true;
    for (var segment : line.segments()) {
      boolean reason = whole.matcher(line.plain(segment[0], segment[1])).matches();
      said |= reason;
      if (!reason && !(first && begun) && names(line, segment)) {
        return false;
      }
      first = false;
    }
    return said;
  }

  private boolean names(Line line, int[] segment) {
    return line.tokens(segment[0], segment[1]).stream()
        .anyMatch(
            t ->
                vocabulary.startingWith(t.stem()).stream()
                    .anyMatch(name -> name.stems().size() == 1));
  }
}
