package humblequill.server.logline;

import humblequill.core.logline.Habits;
import humblequill.core.logline.LogLine;
import humblequill.core.logline.Vocabulary;
import humblequill.core.logline.Word;
import humblequill.core.logline.WordKind;
import humblequill.core.name.Name;
import humblequill.core.name.NameKind;
import humblequill.core.name.Names;
import humblequill.core.placement.PlacedCourse;
import humblequill.server.data.Derived;
import humblequill.server.entry.EntryFields;
import humblequill.server.entry.EntryService;
import humblequill.server.name.NameService;
import humblequill.server.placement.PlacementService;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads log lines against the learner's own words. */
@Service
class LogLineService {
  private final EntryService entries;
  private final PlacementService placements;
  private final NameService names;
  private final SettingsService settings;
  private final Derived<Vocabulary> vocabulary = new Derived<>();

  LogLineService(
      EntryService entries,
      PlacementService placements,
      NameService names,
      SettingsService settings) {
    this.entries = entries;
    this.placements = placements;
    this.names = names;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  public LogLineController.LineReading read(String line) {
    var today = settings.learner().today();
    var read = new LogLine(vocabulary(today), this::habits).read(line, today);
    return new LogLineController.LineReading(
        read.phrases(), EntryFields.of(read.clear()), read.complete());
  }

  private Vocabulary vocabulary(LocalDate today) {
    var followed = placements.followed();
    var known = names.names();
    return vocabulary.get(List.of(followed, known, today), () -> words(followed, known, today));
  }

  private static Vocabulary words(List<PlacedCourse> followed, Names names, LocalDate today) {
    var words = new ArrayList<Word>();
    Stream.of(NameKind.MEDIUM, NameKind.SOURCE, NameKind.BOOK, NameKind.RESOURCE)
        .forEach(kind -> words.addAll(named(kind, names)));
    followed.forEach(placed -> words.addAll(exercises(placed, today)));
    words.addAll(named(NameKind.TOPIC, names));
    followed.stream()
        .flatMap(p -> p.placement().course().weeks().stream())
        .flatMap(week -> week.topics().stream())
        .distinct()
        .filter(topic -> names.find(NameKind.TOPIC, topic).isEmpty())
        .forEach(topic -> words.add(Word.of(WordKind.TOPIC, topic)));
    return new Vocabulary(words);
  }

  private static List<Word> named(NameKind kind, Names names) {
    return names.all(kind).stream().map(name -> word(name, names)).toList();
  }

  private static Word word(Name name, Names names) {
    var merged =
        names.mergedInto(name.id()).stream()
            .flatMap(m -> Stream.concat(Stream.of(m.text()), m.spellings().stream()));
    return Word.of(
        WordKind.valueOf(name.kind().name()),
        name.text(),
        Stream.concat(name.spellings().stream(), merged).toArray(String[]::new));
  }

  private static List<Word> exercises(PlacedCourse placed, LocalDate today) {
    var weeks = placed.placement().weeks();
    var nearness = placed.placement().nearness(today);
    var exercises = new ArrayList<Word>();
    for (int i = 0; i < weeks.size(); i++) {
      var week = weeks.get(i);
      int number = week.number().orElse(i + 1);
      for (var e : week.week().exercises()) {
        exercises.add(
            Word.exercise(e.id(), e.title(), e.alsoCalled(), number, nearness.get(week.key())));
      }
    }
    return exercises;
  }

  private Habits habits(Optional<String> exerciseId, Optional<String> topic) {
    var last = entries.last(exerciseId, topic).map(e -> e.fields());
    return new Habits(
        last.map(EntryFields::source),
        last.map(EntryFields::medium),
        entries.lastBook(),
        exerciseId.flatMap(this::courseSource));
  }

  private Optional<String> courseSource(String exerciseId) {
    return placements.followed().stream()
        .flatMap(p -> p.placement().exercise(exerciseId).stream())
        .findFirst()
        .flatMap(e -> e.source());
  }
}
