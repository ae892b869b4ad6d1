package humblequill.server.streak;

import humblequill.core.streak.PenLine;
import humblequill.core.streak.PracticeRecord;
import humblequill.core.streak.Streak;
import humblequill.server.entry.PracticeDays;
import humblequill.server.settings.Learner;
import humblequill.server.settings.Settings;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Service;

/** Counts streaks and draws the pen line. */
@Service
public class StreakService {
  private final PracticeDays days;

  StreakService(PracticeDays days) {
    this.days = days;
  }

  /** The streak by the learner's own rule. */
  public StreakView own(Learner learner) {
    return view(learner, learner.streakChoice());
  }

  /** All three schools; the learner's own is marked. */
  public List<StreakView> all(Learner learner) {
    return Arrays.stream(Settings.StreakChoice.values())
        .map(choice -> view(learner, choice))
        .toList();
  }

  private StreakView view(Learner learner, Settings.StreakChoice choice) {
    return StreakView.of(choice, choice == learner.streakChoice(), count(learner, choice));
  }

  private Streak count(Learner learner, Settings.StreakChoice choice) {
    return learner.rule(choice).count(practice(learner), learner.weekStart());
  }

  private PracticeRecord practice(Learner learner) {
    return PracticeRecord.of(
        days.minutesByDay(),
        learner.streakFloorMinutes(),
        learner.availability()::isNeutral,
        learner.today());
  }

  /** The pen line between two dates by the learner's own rule. */
  public List<PenLine.Stroke> penLine(Learner learner, LocalDate from, LocalDate to) {
    return PenLine.of(
        practice(learner), count(learner, learner.streakChoice()), days.minutesByDay(), from, to);
  }
}
