package humblequill.core.logline;

import humblequill.core.name.ShippedNames;
import java.util.ArrayList;
import java.util.List;

/** A small made-up vocabulary. */
final class HarbourWords {
  private HarbourWords() {}

  static List<Word> words() {
    var words = new ArrayList<Word>();
    for (var name : ShippedNames.all()) {
      var kind = WordKind.valueOf(name.kind().name());
      words.add(Word.of(kind, name.text(), name.spellings().toArray(String[]::new)));
    }
    words.add(
        Word.exercise(
            "w08-hulls", "Hulls in three-quarter view", List.of("three-quarter hulls"), 8, 0));
    words.add(Word.exercise("w08-corners", "Shed corners from the quay", List.of(), 8, 0));
    words.add(Word.exercise("w08-quay", "Quay corners", List.of(), 8, 0));
    words.add(Word.exercise("w08-crates", "Crates", List.of(), 8, 0));
    words.add(Word.exercise("w08-roof", "One roof line, three distances", List.of(), 8, 0));
    words.add(Word.exercise("w08-ellipses", "Ellipses", List.of(), 8, 0));
    words.add(Word.exercise("w03-ellipses", "Ellipses", List.of(), 3, 5));
    words.add(Word.exercise("w03-buckets", "Buckets and bollards", List.of(), 3, 5));
    words.add(Word.exercise("w07-hulls", "Hulls side on", List.of(), 7, 1));
    words.add(Word.of(WordKind.TOPIC, "gesture"));
    words.add(Word.of(WordKind.TOPIC, "light and shade"));
    words.add(Word.of(WordKind.BOOK, "Harbour book"));
    words.add(Word.of(WordKind.BOOK, "Night book 2", "night book"));
    words.add(Word.of(WordKind.RESOURCE, "Knots in plain view"));
    return words;
  }

  static Vocabulary vocabulary() {
    return new Vocabulary(words());
  }
}
