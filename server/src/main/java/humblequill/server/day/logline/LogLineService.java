package humblequill.server.day.logline;

import humblequill.core.book.BookInUse;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.logline.Habits;
import humblequill.core.day.logline.Language;
import humblequill.core.day.logline.LogLine;
import humblequill.core.day.logline.Sought;
import humblequill.core.day.logline.Usual;
import humblequill.core.day.logline.Vocabulary;
import humblequill.core.day.logline.Word;
import humblequill.core.day.logline.WordKind;
import humblequill.core.ground.name.Fold;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import humblequill.server.book.BookService;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.PromisedTopics;
import humblequill.server.promise.PromptsInWords;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads log lines against the learner's own words. */
@Service
public class LogLineService {
  private final EntryService entries;
  private final BookService books;
  private final EntryLedger ledger;
  private final PlacementService placements;
  private final PromisedTopics promises;
  private final PromptsInWords prompts;
  private final NameService names;
  private final SettingsService settings;
  private final Derived<LogLine> reader = new Derived<>();
  private final Derived<LogLine> ofNames = new Derived<>();

  private final Habits.Lookup lookup =
      new Habits.Lookup() {
        @Override
        public Habits of(Optional<String> exerciseId, Optional<String> topic) {
          return habits(exerciseId, topic);
        }

        @Override
        public Optional<String> book(Optional<String> medium) {
          return BookInUse.of(ledger.read().all().toList(), books.told(), medium);
        }

        @Override
        public Usual usual() {
          return Usual.of(ledger.read());
        }
      };

  LogLineService(
      EntryService entries,
      BookService books,
      EntryLedger ledger,
      PlacementService placements,
      PromisedTopics promises,
      PromptsInWords prompts,
      NameService names,
      SettingsService settings) {
    this.entries = entries;
    this.books = books;
    this.ledger = ledger;
    this.placements = placements;
    this.promises = promises;
    this.prompts = prompts;
    this.names = names;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  LogLineController.LineReading read(String line, @Nullable LocalDate day) {
    var learner = settings.learner();
    var today = learner.today();
    var read = reader(learner).read(line, today, day == null ? today : day);
    return new LogLineController.LineReading(
        read.phrases(),
        read.drafts().stream().map(d -> EntryFields.of(ofPrompt(d, learner))).toList(),
        read.dayOff(),
        read.complete());
  }

  /** The day or the pages that a line names, where it names nothing else. */
  @Transactional(readOnly = true)
  public Optional<Sought> sought(String line) {
    var learner = settings.learner();
    return reader(learner).sought(line, learner.today());
  }

  /** A draft about a prompt says so in its note; the prompt becomes no topic by that. */
  private EntryDraft ofPrompt(EntryDraft draft, Learner learner) {
    var words =
        draft.topic.flatMap(
            topic ->
                prompts.open(learner).stream()
                    .filter(p -> Fold.of(p).equals(Fold.of(topic)))
                    .findFirst());
    if (words.isPresent()) {
      draft.note = PromptsInWords.note(words.get(), draft.note);
      draft.topic = draft.topic.filter(t -> names.names().find(NameKind.TOPIC, t).isPresent());
      if (draft.drawings.isEmpty() && draft.minutes.isEmpty()) {
        draft.drawings = Optional.of(1);
      }
    }
    return draft;
  }

  private LogLine reader(Learner learner) {
    var followed = placements.followed();
    var known = names.names();
    var promised = promises.running(learner);
    var listed = prompts.open(learner);
    var locale = settings.read().look().locale();
    return reader.get(
        List.of(
            followed,
            known,
            promised,
            String.join("\n", listed),
            learner.today(),
            locale,
            learner.ownFigure()),
        () -> {
          var language = Language.of(Locale.forLanguageTag(locale));
          var words = words(followed, known, promised, listed, learner.today(), language);
          return new LogLine(new Vocabulary(words, language, learner.ownFigure()), lookup);
        });
  }

  /** A reader that knows the learner's names and no course, for lines of a course to come. */
  @Transactional(readOnly = true)
  public LogLine ofNamesAlone() {
    var known = names.names();
    var locale = settings.read().look().locale();
    return ofNames.get(
        List.of(known, locale),
        () -> {
          var language = Language.of(Locale.forLanguageTag(locale));
          var words =
              words(List.of(), known, List.of(), List.of(), settings.learner().today(), language);
          return new LogLine(new Vocabulary(words, language), (exercise, topic) -> Habits.NONE);
        });
  }

  private static List<Word> words(
      List<PlacedCourse> followed,
      Names names,
      List<PromisedTopics.Promised> promised,
      List<String> listed,
      LocalDate today,
      Language language) {
    var words = new ArrayList<Word>();
    Stream.of(NameKind.MEDIUM, NameKind.SOURCE, NameKind.BOOK, NameKind.RESOURCE, NameKind.FACET)
        .forEach(kind -> words.addAll(named(kind, names, language)));
    followed.forEach(placed -> words.addAll(exercises(placed, today)));
    named(NameKind.TOPIC, names, language).forEach(topic -> words.add(nowMeant(topic, promised)));
    listed.stream()
        .filter(prompt -> names.find(NameKind.TOPIC, prompt).isEmpty())
        .filter(prompt -> !Fold.stems(prompt).isEmpty())
        .forEach(prompt -> words.add(Word.promised(prompt, withoutArticle(prompt))));
    followed.stream()
        .flatMap(p -> p.placement().course().weeks().stream())
        .flatMap(week -> week.topics().stream())
        .distinct()
        .filter(topic -> names.find(NameKind.TOPIC, topic).isEmpty())
        .forEach(topic -> words.add(Word.of(WordKind.TOPIC, topic)));
    return words;
  }

  private static List<String> withoutArticle(String prompt) {
    var bare = prompt.strip().replaceFirst("(?i)^(a|an|the|one|my) ", "");
    return bare.equals(prompt) ? List.of() : List.of(bare);
  }

  /** A topic of a running promise can be called as the promise is. */
  private static Word nowMeant(Word topic, List<PromisedTopics.Promised> promised) {
    var called =
        promised.stream()
            .filter(p -> Fold.of(p.topic()).equals(Fold.of(topic.name())))
            .map(PromisedTopics.Promised::name)
            .toList();
    return called.isEmpty()
        ? topic
        : Word.promised(
            topic.name(), Stream.concat(topic.spellings().stream(), called.stream()).toList());
  }

  private static List<Word> named(NameKind kind, Names names, Language language) {
    return names.all(kind).stream().map(name -> word(name, names, language)).toList();
  }

  private static Word word(Name name, Names names, Language language) {
    var merged =
        names.mergedInto(name.id()).stream()
            .flatMap(m -> Stream.concat(Stream.of(m.text()), m.spellings().stream()));
    var kind = WordKind.valueOf(name.kind().name());
    var spellings = Stream.concat(name.spellings().stream(), merged).toList();
    var shipped = ShippedNames.firstText(names, name.kind(), name.text());
    var usual = language.spellings(kind, shipped);
    return usual.isEmpty()
        ? Word.of(kind, name.text(), spellings.toArray(String[]::new))
        : Word.shipped(
            kind, name.text(), Stream.concat(spellings.stream(), usual.stream()).toList());
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
            Word.exercise(
                e.id(),
                e.title(),
                e.alsoCalled(),
                number,
                nearness.get(week.key()),
                e.target().secondsEach()));
      }
    }
    return exercises;
  }

  private Habits habits(Optional<String> exerciseId, Optional<String> topic) {
    var last = entries.last(exerciseId, topic).map(e -> e.fields());
    return new Habits(
        last.map(EntryFields::source),
        last.map(EntryFields::medium),
        exerciseId.flatMap(this::courseSource));
  }

  private Optional<String> courseSource(String exerciseId) {
    return placements.followed().stream()
        .flatMap(p -> p.placement().exercise(exerciseId).stream())
        .findFirst()
        .flatMap(e -> e.source());
  }
}
