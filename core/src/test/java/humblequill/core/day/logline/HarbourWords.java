package humblequill.core.day.logline;

import humblequill.core.ground.name.ShippedNames;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A small made-up vocabulary. */
final class HarbourWords {
  private HarbourWords() {}

  static List<Word> words() {
    return words(Language.of(Locale.UK));
  }

  static List<Word> words(Language language) {
    var words = new ArrayList<Word>();
    for (var name : ShippedNames.all()) {
      var kind = WordKind.valueOf(name.kind().name());
      var spellings = new ArrayList<>(name.spellings());
      spellings.addAll(language.spellings(kind, name.text()));
      words.add(Word.shipped(kind, name.text(), spellings));
    }
    words.add(
        Word.exercise(
            "w08-hulls", "Hulls in three-quarter view", List.of("three-quarter hulls"), 8, 0, 90));
    words.add(Word.exercise("w08-corners", "Shed corners from the quay", List.of(), 8, 0, 180));
    words.add(Word.exercise("w08-quay", "Quay corners", List.of(), 8, 0, 0));
    words.add(Word.exercise("w08-crates", "Crates", List.of(), 8, 0, 0));
    words.add(Word.exercise("w08-roof", "One roof line, three distances", List.of(), 8, 0, 480));
    words.add(Word.exercise("w08-ellipses", "Ellipses", List.of(), 8, 0, 0));
    words.add(Word.exercise("w03-ellipses", "Ellipses", List.of(), 3, 5, 0));
    words.add(Word.exercise("w03-buckets", "Buckets and bollards", List.of(), 3, 5, 0));
    words.add(Word.exercise("w07-hulls", "Hulls side on", List.of(), 7, 1, 0));
    words.add(
        Word.exercise("w08-cranes", "Cranes as three boxes and a line", List.of(), 8, 0, 240));
    words.add(Word.promised("gulls", List.of("Gulls on the wing")));
    words.add(Word.of(WordKind.TOPIC, "boats"));
    words.add(Word.of(WordKind.TOPIC, "ropes"));
    words.add(Word.exercise("w03-ropes", "Ropes", List.of(), 3, 5, 0));
    words.add(Word.exercise("w11-boats", "Boats at low tide", List.of(), 11, 3, 0));
    words.add(Word.of(WordKind.TOPIC, "gesture"));
    words.add(Word.of(WordKind.TOPIC, "light and shade"));
    words.add(Word.of(WordKind.BOOK, "Harbour book"));
    words.add(Word.of(WordKind.BOOK, "Night book 2", "night book"));
    words.add(Word.of(WordKind.RESOURCE, "Knots in plain view"));
    return words;
  }

  static Vocabulary vocabulary() {
    return vocabulary(Locale.UK);
  }

  static Vocabulary vocabulary(Locale locale) {
    var language = Language.of(locale);
    return new Vocabulary(words(language), language);
  }
}
