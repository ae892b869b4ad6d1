package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.DecimalFormatSymbols;
import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The words that every line may hold, in the learner's language; English is always understood. Each
 * language is one file {@code words-<tag>.properties}; see docs/formats/log-line.md.
 */
public final class Language {
  private static final Map<String, Map<String, List<String>>> FILES = new ConcurrentHashMap<>();

  private final Locale locale;
  private final Map<String, List<String>> words = new LinkedHashMap<>();
  private final Map<String, List<String>> own;
  private final Set<String> joining;

  private Language(Locale locale) {
    this.locale = locale;
    add("en");
    if (!locale.getLanguage().equals("en")) {
      add(locale.getLanguage());
    }
    own = FILES.get(FILES.containsKey(locale.getLanguage()) ? locale.getLanguage() : "en");
    joining = plain("joining");
  }

  /** The language of a locale; one without a file is read as English. */
  public static Language of(Locale locale) {
    return new Language(locale);
  }

  private void add(String tag) {
    FILES
        .computeIfAbsent(tag, Language::read)
        .forEach((key, more) -> words.computeIfAbsent(key, k -> new ArrayList<>()).addAll(more));
  }

  private static Map<String, List<String>> read(String tag) {
    var found = new LinkedHashMap<String, List<String>>();
    try (var in = Language.class.getResourceAsStream("words-" + tag + ".properties")) {
      if (in != null) {
        var file = new Properties();
        file.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        file.forEach(
            (key, value) -> found.put((String) key, List.of(((String) value).split("\\s*,\\s*"))));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return found;
  }

  /**
   * The usual spellings of a medium or source that ships, as {@code medium.brush-pen}. Where two
   * languages mean different things by a word, the learner's own counts.
   */
  public List<String> spellings(WordKind kind, String name) {
    var prefix = kind.name().toLowerCase(Locale.ROOT) + ".";
    var key = prefix + name.replace(' ', '-');
    var elsewhere =
        own.entrySet().stream()
            .filter(e -> e.getKey().startsWith(prefix) && !e.getKey().equals(key))
            .flatMap(e -> e.getValue().stream())
            .map(Fold::of)
            .collect(Collectors.toSet());
    return words.getOrDefault(key, List.of()).stream()
        .filter(
            spelling ->
                own.getOrDefault(key, List.of()).contains(spelling)
                    || !elsewhere.contains(Fold.of(spelling)))
        .toList();
  }

  /** Whether months stand before days in figures. */
  boolean monthFirst() {
    var pattern =
        DateTimeFormatterBuilder.getLocalizedDateTimePattern(
            FormatStyle.SHORT, null, IsoChronology.INSTANCE, locale);
    return pattern.indexOf('M') < pattern.indexOf('d');
  }

  /** What parts thousands. */
  char grouping() {
    return DecimalFormatSymbols.getInstance(locale).getGroupingSeparator();
  }

  /** Whether a word only joins others. */
  boolean joins(String word) {
    return joining.contains(word);
  }

  /** What parts decimals. */
  char decimal() {
    return DecimalFormatSymbols.getInstance(locale).getDecimalSeparator();
  }

  /** The words of a key, folded. */
  Set<String> plain(String key) {
    return words.getOrDefault(key, List.of()).stream()
        .map(Fold::plain)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** A pattern of all words of a key. */
  String any(String key) {
    return any(plain(key));
  }

  private static String any(Collection<String> plain) {
    return plain.isEmpty()
        ? "(?!)"
        : plain.stream()
            .sorted(Comparator.comparingInt(String::length).reversed().thenComparing(w -> w))
            .map(Language::quoted)
            .collect(Collectors.joining("|", "(?:", ")"));
  }

  private static String quoted(String phrase) {
    return List.of(phrase.split(" ")).stream()
        .map(Pattern::quote)
        .collect(Collectors.joining(" +"));
  }

  /** A phrase in which # stands for a number, with that number as a group. */
  String counted(String key, String number) {
    return any(plain(key)).replace(Pattern.quote("#"), number);
  }

  /** Every word of keys such as {@code weekday.3}, with the number of its key. */
  Map<String, Integer> numbered(String prefix) {
    var numbers = new LinkedHashMap<String, Integer>();
    words.keySet().stream()
        .filter(key -> key.startsWith(prefix + "."))
        .forEach(
            key ->
                plain(key)
                    .forEach(
                        word ->
                            numbers.putIfAbsent(
                                word, Integer.valueOf(key.substring(prefix.length() + 1)))));
    return numbers;
  }

  /** A pattern of every such word. */
  String anyNumbered(String prefix) {
    return any(numbered(prefix).keySet());
  }

  /** Collapses blanks, so that a match can be looked up among the words. */
  static String single(String text) {
    return text.replaceAll(" +", " ").strip();
  }
}
