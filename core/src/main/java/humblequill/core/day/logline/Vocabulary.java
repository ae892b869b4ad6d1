package humblequill.core.day.logline;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The learner's own words, ready to be looked up. */
public final class Vocabulary {
  private static final int WHOLE_NAME = 4;

  private final Language language;
  private final Optional<String> ownFigure;
  private final List<Name> names = new ArrayList<>();
  private final Map<String, List<Name>> byFirstStem = new HashMap<>();

  private static final Comparator<Fit> ORDER =
      Comparator.comparing((Fit f) -> f.word.now())
          .thenComparing(f -> -f.score)
          .thenComparing(f -> f.word.rank());

  /** One way of writing a word; bare of the words that only join others. */
  record Name(Word word, List<String> stems, List<String> bare, boolean hasPunctuation) {}

  /** How well a phrase fits a word. */
  private record Fit(Word word, int score) {}

  /** Prepares the words; order does not matter. */
  public Vocabulary(List<Word> words, Language language) {
    this(words, language, Optional.empty());
  }

  /**
   * Prepares the words; order does not matter.
   *
   * @param ownFigure what the learner counts beside the drawings
   */
  public Vocabulary(List<Word> words, Language language, Optional<String> ownFigure) {
    this.language = language;
    this.ownFigure = ownFigure;
    for (var word : words) {
      add(word, word.name());
      word.spellings().forEach(spelling -> add(word, spelling));
    }
    sort();
  }

  private void sort() {
    byFirstStem.values().forEach(list -> list.sort(Comparator.comparingInt(n -> -n.stems.size())));
  }

  private void add(Word word, String text) {
    var stems = Fold.stems(text);
    if (!stems.isEmpty()) {
      var bare = stems.stream().filter(s -> !joins(s)).toList();
      var name = new Name(word, stems, bare, text.matches(".*[^\\p{L}\\p{M}\\p{N}\\s'’-].*"));
      names.add(name);
      byFirstStem.computeIfAbsent(stems.get(0), s -> new ArrayList<>()).add(name);
    }
  }

  /** What the learner counts beside the drawings; a name of something else is none. */
  Optional<String> ownFigure() {
    return ownFigure.filter(
        name -> {
          var stems = Fold.stems(name);
          return !stems.isEmpty()
              && startingWith(stems.get(0)).stream().noneMatch(n -> n.stems.equals(stems));
        });
  }

  Language language() {
    return language;
  }

  /** Whether a word only joins others. */
  boolean joins(String word) {
    return language.joins(word);
  }

  /** Every way of writing every word. */
  List<Name> everyName() {
    return names;
  }

  /** The words of a kind that a text is a spelling of. */
  boolean knows(WordKind kind, String text) {
    var stems = Fold.stems(text);
    return !stems.isEmpty()
        && startingWith(stems.get(0)).stream()
            .anyMatch(n -> n.word.kind() == kind && n.word.key().equals(text));
  }

  /** Whether a topic's name alone means this topic. */
  boolean meansTopic(String name) {
    var found = subjects(Fold.stems(name).stream().filter(s -> !joins(s)).toList(), WHOLE_NAME);
    return found.size() == 1
        && found.get(0).kind() == WordKind.TOPIC
        && found.get(0).key().equals(name);
  }

  /** Names that begin with a stem, longest first. */
  List<Name> startingWith(String stem) {
    return byFirstStem.getOrDefault(stem, List.of());
  }

  /** All words of a kind, in the order given. */
  List<Word> names(WordKind kind) {
    return names.stream().map(Name::word).filter(w -> w.kind() == kind).distinct().toList();
  }

  /** The word of a key. */
  Word word(WordKind kind, String key) {
    return names.stream()
        .map(Name::word)
        .filter(w -> w.kind() == kind && w.key().equals(key))
        .findFirst()
        .orElseThrow(
            () -> new InvalidException(Message.of("day.noneOf", "kind", kind, "key", key)));
  }

  /** Whether another exercise has the same title, so that the week must be told. */
  boolean needsWeek(Word word) {
    return word.kind() == WordKind.EXERCISE
        && names.stream()
            .anyMatch(
                n ->
                    !n.word.key().equals(word.key())
                        && n.word.kind().isSubject()
                        && Fold.of(n.word.name()).equals(Fold.of(word.name())));
  }

  /**
   * The exercises or topics that a phrase can mean, the best fits only. Exercises of the current
   * week come before all others, since they are what one is most likely to have drawn.
   *
   * @param stems the phrase without joining words
   * @param weakest 3 to ask for names that begin with the phrase, 2 to take names that hold all of
   *     its words
   * @return empty, one, or several equally good ones
   */
  List<Word> subjects(List<String> stems, int weakest) {
    var fits = fits(stems, weakest);
    return fits.stream()
        .filter(f -> ORDER.compare(fits.get(0), f) == 0)
        .map(Fit::word)
        .sorted(Comparator.comparing(Word::name).thenComparing(Word::week))
        .toList();
  }

  /** The exercises of one course week that a phrase can mean, the best fits only. */
  List<Word> subjectsOfWeek(List<String> stems, int week) {
    var fits = fits(stems, 2).stream().filter(f -> f.word.week() == week).toList();
    return fits.stream().filter(f -> f.score == fits.get(0).score).map(Fit::word).toList();
  }

  /** Every exercise or topic that a phrase can mean, the best first. */
  List<Word> allSubjects(List<String> stems) {
    return fits(stems, 2).stream().map(Fit::word).toList();
  }

  private List<Fit> fits(List<String> stems, int weakest) {
    if (stems.isEmpty()) {
      return List.of();
    }
    var best = new LinkedHashMap<Word, Integer>();
    for (var name : names) {
      if (name.word.kind().isSubject()) {
        int score = score(stems, name.bare);
        if (score >= weakest) {
          best.merge(name.word, score, Math::max);
        }
      }
    }
    return best.entrySet().stream()
        .map(e -> new Fit(e.getKey(), e.getValue()))
        .sorted(ORDER)
        .toList();
  }

  /** 4 the same, 3 begins with it, 2 holds all its words, 0 none of these. */
  private static int score(List<String> phrase, List<String> bare) {
    if (bare.equals(phrase)) {
      return 4;
    }
    if (bare.size() > phrase.size() && bare.subList(0, phrase.size()).equals(phrase)) {
      return 3;
    }
    return bare.containsAll(phrase) ? 2 : 0;
  }
}
