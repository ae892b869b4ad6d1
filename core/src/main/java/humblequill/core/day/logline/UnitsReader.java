package humblequill.core.day.logline;

import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Reads units of a resource and how it was used, where the line names one: "pp 64-78 of boats by
 * their sections", "lesson 12 of the patient eye, copied".
 */
final class UnitsReader {
  private final Map<UnitKind, Pattern> units = new EnumMap<>(UnitKind.class);
  private final Map<HowUsed, Pattern> how = new EnumMap<>(HowUsed.class);
  private final Pattern joined;

  UnitsReader(Language language) {
    var to = " ?(?:-|" + language.any("to") + ") ?";
    for (var kind : UnitKind.values()) {
      var word = language.any("unit." + kind.name().toLowerCase(Locale.ROOT));
      units.put(
          kind,
          Pattern.compile(
              "(?<![\\p{L}\\p{N}])"
                  + word
                  + "\\.? ?(\\d{1,5})(?:"
                  + to
                  + "(\\d{1,5}))?(?![\\p{L}\\p{N}])"));
    }
    for (var used : HowUsed.values()) {
      var word = language.any("how." + used.name().toLowerCase(Locale.ROOT).replace('_', '-'));
      how.put(used, Pattern.compile("(?<![\\p{L}\\p{N}])" + word + "(?![\\p{L}\\p{N}])"));
    }
    joined = Pattern.compile(" *" + language.any("of") + " *");
  }

  void read(Line line, Vocabulary vocabulary) {
    resourcesOfOneWord(line, vocabulary);
    if (!line.has(Phrase.Field.RESOURCE)) {
      return;
    }
    for (var pages : line.claims(Phrase.Field.PAGES)) {
      boolean ofResource =
          line.claims(Phrase.Field.RESOURCE).stream()
              .anyMatch(
                  r ->
                      r.start() >= pages.end()
                          && joined.matcher(line.plain(pages.end(), r.start())).matches());
      if (ofResource && pages.value() instanceof PageSpan span) {
        line.release(pages);
        line.claim(
            Phrase.Field.UNITS,
            pages.start(),
            pages.end(),
            new Units(UnitKind.PAGE, span.from(), span.to()));
      }
    }
    units.forEach((kind, pattern) -> line.find(pattern).forEach(m -> claim(line, kind, m)));
    how.forEach(
        (used, pattern) ->
            line.find(pattern)
                .forEach(m -> line.claim(Phrase.Field.HOW, m.start(), m.end(), used)));
  }

  /** "plate 7 of riggings": behind a unit, one word is enough to tell a resource. */
  private void resourcesOfOneWord(Line line, Vocabulary vocabulary) {
    for (var pattern : units.values()) {
      for (var unit : line.find(pattern)) {
        line.tokens(unit.end(), line.original().length()).stream()
            .filter(t -> joined.matcher(line.plain(unit.end(), t.start())).matches())
            .findFirst()
            .ifPresent(
                token ->
                    vocabulary.startingWith(token.stem()).stream()
                        .filter(n -> n.stems().size() == 1)
                        .map(Vocabulary.Name::word)
                        .filter(w -> w.kind() == WordKind.RESOURCE)
                        .findFirst()
                        .ifPresent(
                            word ->
                                line.claim(
                                    Phrase.Field.RESOURCE,
                                    token.start(),
                                    token.end(),
                                    List.of(word))));
      }
    }
  }

  private static void claim(Line line, UnitKind kind, MatchResult m) {
    int from = Integer.parseInt(m.group(1));
    int to = m.group(2) == null ? from : Integer.parseInt(m.group(2));
    boolean possible = Math.min(from, to) >= 1;
    line.claim(
        Phrase.Field.UNITS,
        m.start(),
        m.end(),
        possible ? new Units(kind, Math.min(from, to), Math.max(from, to)) : m.group());
  }
}
