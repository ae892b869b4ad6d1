package humblequill.server.course.syllabus;

import humblequill.core.course.syllabus.ExerciseLine;
import humblequill.core.course.syllabus.OwnFigures;
import humblequill.core.course.syllabus.PlainLines;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.logline.LogLineService;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.topic.TopicService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads a course from plain lines. */
@Service
class SyllabusService {
  private final LogLineService lines;
  private final EntryLedger ledger;
  private final TopicService topics;
  private final SettingsService settings;
  private final NameService names;

  SyllabusService(
      LogLineService lines,
      EntryLedger ledger,
      TopicService topics,
      SettingsService settings,
      NameService names) {
    this.names = names;
    this.lines = lines;
    this.ledger = ledger;
    this.topics = topics;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  SyllabusView read(String text) {
    var reader = lines.ofNamesAlone();
    var known = names.names();
    var learner = settings.learner();
    var own = new OwnFigures(ledger.read(), topics.graph(), learner.weekStart());
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
                                            line, w.title(), reader, learner.today(), own),
                                        known))
                            .toList()))
            .toList(),
        read.empty());
  }
}
