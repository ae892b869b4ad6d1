package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The standard words that stand beside names. */
final class NameWords {
  /** Words that lead a medium, source or book in. */
  final Set<String> leading;

  /** What is counted where no subject is named, as stems. */
  final Set<String> drawn;

  /** Of these, what can be no part of a topic's name. */
  final Set<String> onlyCounted;

  /** Ways of saying one. */
  final Set<String> ones;

  /** "week 12" behind a title. */
  final Pattern week;

  /** Left blank on purpose. */
  final Pattern without;

  NameWords(Language language) {
    leading = language.plain("leading");
    drawn = stems(language.plain("drawn"));
    onlyCounted = stems(language.plain("only-counted"));
    ones =
        language.numbered("number").entrySet().stream()
            .filter(e -> e.getValue() == 1)
            .map(Map.Entry::getKey)
            .collect(Collectors.toUnmodifiableSet());
    week = Pattern.compile("^[ ,(]*" + language.any("week") + " (\\d{1,3})\\)?");
    without =
        Pattern.compile(
            "(?<!\\p{L})" + language.any("without") + " (source|medium|book)(?!\\p{L})");
  }

  private static Set<String> stems(Set<String> words) {
    return words.stream().map(Fold::stem).collect(Collectors.toUnmodifiableSet());
  }
}
