package humblequill.server.words;

import humblequill.core.logline.StandardWords;
import humblequill.core.logline.Word;
import humblequill.core.logline.WordKind;
import humblequill.server.edge.Refusal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the words that the log line understands. */
@Service
public class WordsService {
  private static final String BETWEEN_SPELLINGS = "\n";

  private final WordRepository repository;

  WordsService(WordRepository repository) {
    this.repository = repository;
  }

  /** All words, shipped and own. */
  @Transactional(readOnly = true)
  public Words read() {
    var own =
        repository.findAll().stream()
            .sorted(Comparator.comparing((WordEntity w) -> w.kind).thenComparing(w -> w.name))
            .map(w -> new Words.OwnWord(w.kind, w.name, spellings(w)))
            .toList();
    var shipped =
        shippedWords().map(w -> new Words.OwnWord(w.kind(), w.name(), w.spellings())).toList();
    return new Words(own, shipped);
  }

  /** All words but exercises, as the log line reads them. */
  @Transactional(readOnly = true)
  public List<Word> forLogLine() {
    var words = new ArrayList<>(shippedWords().toList());
    repository
        .findAll()
        .forEach(w -> words.add(Word.of(w.kind, w.name, spellings(w).toArray(String[]::new))));
    return words;
  }

  /** Replaces the learner's own words. */
  @Transactional
  public Words write(List<Words.OwnWord> wanted) {
    check(wanted);
    var stored = new HashMap<String, WordEntity>();
    repository.findAll().forEach(w -> stored.put(w.kind + w.name, w));
    var kept = new HashSet<String>();
    for (var word : wanted) {
      var entity = stored.getOrDefault(word.kind() + word.name().strip(), new WordEntity());
      entity.kind = word.kind();
      entity.name = word.name().strip();
      entity.spellings =
          String.join(BETWEEN_SPELLINGS, word.spellings().stream().map(String::strip).toList());
      repository.save(entity);
      kept.add(entity.kind + entity.name);
    }
    stored.forEach(
        (key, entity) -> {
          if (!kept.contains(key)) {
            repository.delete(entity);
          }
        });
    repository.flush();
    return read();
  }

  private static void check(List<Words.OwnWord> wanted) {
    var names = new HashSet<String>();
    shippedWords().forEach(w -> names.add(key(w.kind(), w.name())));
    for (var word : wanted) {
      if (word.kind() == WordKind.EXERCISE) {
        throw Refusal.badValue(
            "kind",
            word.kind(),
            "Exercises come from the course; \"" + word.name() + "\" can be a topic.");
      }
      if (!names.add(key(word.kind(), word.name()))) {
        throw Refusal.badValue("name", word.name(), "\"" + word.name() + "\" is there already.");
      }
      if (word.name().codePoints().noneMatch(Character::isLetterOrDigit)) {
        throw Refusal.badValue(
            "name",
            word.name(),
            "A name needs a letter or a figure; \"" + word.name() + "\" has none.");
      }
    }
  }

  private static String key(WordKind kind, String name) {
    return kind + name.strip().toLowerCase(Locale.ROOT);
  }

  private static Stream<Word> shippedWords() {
    return Stream.concat(StandardWords.media().stream(), StandardWords.sources().stream());
  }

  private static List<String> spellings(WordEntity word) {
    return word.spellings.isEmpty() ? List.of() : List.of(word.spellings.split(BETWEEN_SPELLINGS));
  }
}
