package humblequill.server.entry;

import humblequill.core.logline.Habits;
import humblequill.core.logline.LogLine;
import humblequill.core.logline.Vocabulary;
import humblequill.core.logline.Word;
import humblequill.core.logline.WordKind;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.settings.SettingsService;
import humblequill.server.topic.TopicService;
import humblequill.server.words.WordsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads log lines against the learner's own words. */
@Service
class LogLineService {
  private final EntryRepository repository;
  private final CourseService courses;
  private final WordsService words;
  private final SettingsService settings;
  private final TopicService topics;
  private final NamedElsewhere elsewhere;

  LogLineService(
      EntryRepository repository,
      CourseService courses,
      WordsService words,
      SettingsService settings,
      TopicService topics,
      NamedElsewhere elsewhere) {
    this.elsewhere = elsewhere;
    this.topics = topics;
    this.repository = repository;
    this.courses = courses;
    this.words = words;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  public LogLineController.LineReading read(String line) {
    var today = settings.learner().today();
    var vocabulary = new ArrayList<>(words.forLogLine());
    var followed = courses.followed();
    followed.forEach(placed -> vocabulary.addAll(exercises(placed, today)));
    vocabulary.addAll(topicNames(followed, vocabulary));
    var read =
        new LogLine(new Vocabulary(vocabulary, writtenBefore()), this::habits).read(line, today);
    return new LogLineController.LineReading(
        read.parts(), read.entry().map(EntryFields::of).orElse(null));
  }

  private List<Word> writtenBefore() {
    var before = new ArrayList<>(elsewhere.words());
    repository.topics().forEach(t -> before.add(Word.writtenBefore(WordKind.TOPIC, t)));
    repository.books().forEach(b -> before.add(Word.writtenBefore(WordKind.BOOK, b)));
    return before;
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

  /**
   * Topics that ship or that courses name; those the learner has as own words are there already.
   */
  private List<Word> topicNames(List<PlacedCourse> followed, List<Word> known) {
    var names = new TreeMap<String, List<String>>();
    topics
        .read()
        .areas()
        .forEach(area -> area.topics().forEach(t -> names.put(t.name(), t.alsoCalled())));
    followed.forEach(
        p ->
            p.placement()
                .course()
                .weeks()
                .forEach(week -> week.topics().forEach(t -> names.putIfAbsent(t, List.of()))));
    known.forEach(word -> names.remove(word.name()));
    return names.entrySet().stream()
        .map(e -> Word.of(WordKind.TOPIC, e.getKey(), e.getValue().toArray(String[]::new)))
        .toList();
  }

  private Habits habits(Optional<String> exerciseId, Optional<String> topic) {
    var last =
        exerciseId
            .flatMap(repository::findFirstByExerciseIdOrderByPracticeDayDescWrittenAtDesc)
            .or(
                () ->
                    topic.flatMap(repository::findFirstByTopicOrderByPracticeDayDescWrittenAtDesc));
    var book =
        repository.findFirstByBookIsNotNullOrderByPracticeDayDescWrittenAtDesc().map(e -> e.book);
    return new Habits(
        last.map(e -> e.source),
        last.map(e -> e.medium),
        book,
        exerciseId.flatMap(this::courseSource));
  }

  private Optional<String> courseSource(String exerciseId) {
    return courses.followed().stream()
        .flatMap(p -> p.placement().exercise(exerciseId).stream())
        .findFirst()
        .flatMap(e -> e.source());
  }
}
