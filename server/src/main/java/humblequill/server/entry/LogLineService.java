package humblequill.server.entry;

import humblequill.core.logline.Habits;
import humblequill.core.logline.LogLine;
import humblequill.core.logline.Vocabulary;
import humblequill.core.logline.Word;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.settings.SettingsService;
import humblequill.server.words.WordsService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads log lines against the learner's own words. */
@Service
class LogLineService {
  private static final int FAR_AHEAD = 1000;

  private final EntryRepository repository;
  private final CourseService courses;
  private final WordsService words;
  private final SettingsService settings;

  LogLineService(
      EntryRepository repository,
      CourseService courses,
      WordsService words,
      SettingsService settings) {
    this.repository = repository;
    this.courses = courses;
    this.words = words;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  public LogLineController.LineReading read(String line) {
    var today = settings.learner().today();
    var vocabulary = new ArrayList<>(words.forLogLine());
    courses.current().ifPresent(placed -> vocabulary.addAll(exercises(placed, today)));
    courses.current().ifPresent(placed -> vocabulary.addAll(topics(placed, vocabulary)));
    var read = new LogLine(new Vocabulary(vocabulary), this::habits).read(line, today);
    return new LogLineController.LineReading(
        read.parts(), read.entry().map(EntryFields::of).orElse(null));
  }

  private static List<Word> exercises(PlacedCourse placed, LocalDate today) {
    var placement = placed.placement();
    long current = Math.floorDiv(ChronoUnit.DAYS.between(placement.start(), today), 7) + 1;
    var exercises = new ArrayList<Word>();
    for (int number = 1; number <= placement.course().weeks().size(); number++) {
      int distance = (int) Math.abs(current - number);
      int rank = number > current ? FAR_AHEAD + distance : distance;
      for (var exercise : placement.week(number).week().exercises()) {
        exercises.add(
            Word.exercise(exercise.id(), exercise.title(), exercise.alsoCalled(), number, rank));
      }
    }
    return exercises;
  }

  /** Topics that the course names; those the learner has as own words are there already. */
  private static List<Word> topics(PlacedCourse placed, List<Word> known) {
    var names = new TreeSet<String>();
    placed.placement().course().weeks().forEach(week -> names.addAll(week.topics()));
    known.forEach(word -> names.remove(word.name()));
    return names.stream()
        .map(name -> Word.of(humblequill.core.logline.WordKind.TOPIC, name))
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
    return courses
        .current()
        .flatMap(p -> p.placement().course().exercise(exerciseId))
        .flatMap(e -> e.source());
  }
}
