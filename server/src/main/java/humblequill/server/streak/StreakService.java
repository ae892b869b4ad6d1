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
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Counts streaks and draws the pen line. */
@Service
public class StreakService {
  private final PracticeDays days;

  /** What was counted last: the whole history is looked at again only when something changed. */
  private volatile @Nullable Counted counted;

  StreakService(PracticeDays days) {
    this.days = days;
  }

  /**
   * What was counted for one state of entries, settings and day.
   *
   * @param minutes never changes; another map means other entries
   * @param learner its settings never change; another availability means other settings
   */
  private record Counted(
      Map<LocalDate, Integer> minutes,
      Learner learner,
      PracticeRecord practice,
      Map<Settings.StreakChoice, Streak> streaks) {
    boolean holdsFor(Map<LocalDate, Integer> otherMinutes, Learner other) {
      return minutes == otherMinutes
          && learner.availability() == other.availability()
          && learner.today().equals(other.today());
    }

    Streak streak(Settings.StreakChoice choice) {
      return streaks.computeIfAbsent(
          choice, c -> learner.rule(c).count(practice, learner.weekStart()));
    }
  }

  private Counted counted(Learner learner) {
    var minutes = days.minutesByDay();
    var last = counted;
    if (last == null || !last.holdsFor(minutes, learner)) {
      last =
          new Counted(
              minutes,
              learner,
              PracticeRecord.of(
                  minutes,
                  learner.streakFloorMinutes(),
                  learner.availability()::isNeutral,
                  learner.today()),
              new ConcurrentHashMap<>());
      counted = last;
    }
    return last;
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
    return StreakView.of(choice, choice == learner.streakChoice(), counted(learner).streak(choice));
  }

  /** The pen line between two dates by the learner's own rule. */
  public List<PenLine.Stroke> penLine(Learner learner, LocalDate from, LocalDate to) {
    var last = counted(learner);
    return PenLine.of(
        last.practice(), last.streak(learner.streakChoice()), last.minutes(), from, to);
  }
}
