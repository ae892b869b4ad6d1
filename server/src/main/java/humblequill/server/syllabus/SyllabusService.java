package humblequill.server.syllabus;

import humblequill.core.calendar.Weeks;
import humblequill.core.entry.Drawn;
import humblequill.core.entry.Ledger;
import humblequill.core.stats.ShrunkMedian;
import humblequill.core.syllabus.ExerciseLine;
import humblequill.core.syllabus.PlainLines;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import humblequill.server.entry.EntryLedger;
import humblequill.server.logline.LogLineService;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import humblequill.server.topic.TopicService;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads a course from plain lines. */
@Service
class SyllabusService {
  private final LogLineService lines;
  private final EntryLedger ledger;
  private final TopicService topics;
  private final SettingsService settings;

  SyllabusService(
      LogLineService lines, EntryLedger ledger, TopicService topics, SettingsService settings) {
    this.lines = lines;
    this.ledger = ledger;
    this.topics = topics;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  SyllabusView read(String text) {
    var reader = lines.ofNamesAlone();
    var learner = settings.learner();
    var own = new OwnFigures(ledger.read(), topics.graph(), learner);
    var read = PlainLines.of(text);
    return new SyllabusView(
        read.weeks().stream()
            .map(
                w ->
                    new SyllabusView.ReadWeek(
                        w.number().orElse(null),
                        w.title(),
                        w.lines().stream()
                            .map(
                                line ->
                                    SyllabusView.ReadExercise.of(
                                        ExerciseLine.of(
                                            line, w.title(), reader, learner.today(), own)))
                            .toList()))
            .toList(),
        read.empty());
  }

  /** Medians of the learner's own entries of a topic. */
  private record OwnFigures(Ledger ledger, TopicGraph graph, Learner learner)
      implements ExerciseLine.Own {
    private static final int ENOUGH = 5;
    private static final int ENOUGH_WEEKS = 2;
    private static final int MINUTE = 60;

    private List<Drawn> of(String topic) {
      return ledger.all().filter(d -> d.topics().contains(topic)).toList();
    }

    @Override
    public OptionalInt secondsEach(String topic) {
      var each =
          of(topic).stream()
              .filter(d -> d.drawings().isPresent() && d.minutesTold().isPresent())
              .map(d -> d.minutesTold().get() * MINUTE / d.drawings().get())
              .filter(s -> s > 0)
              .toList();
      return each.size() < ENOUGH
          ? OptionalInt.empty()
          : OptionalInt.of((int) Math.round(ShrunkMedian.median(each)));
    }

    @Override
    public OptionalInt minutesAWeek(String topic) {
      var weeks = new TreeMap<LocalDate, Integer>();
      ledger
          .minutesOf(topic)
          .byDay()
          .forEach(
              (day, m) -> weeks.merge(Weeks.startOf(day, learner.weekStart()), m, Integer::sum));
      var minutes = weeks.values().stream().filter(m -> m > 0).toList();
      return minutes.size() < ENOUGH_WEEKS
          ? OptionalInt.empty()
          : OptionalInt.of((int) Math.round(ShrunkMedian.median(minutes)));
    }

    @Override
    public Optional<String> topicOf(String title) {
      return graph.find(title).map(Topic::name);
    }
  }
}
