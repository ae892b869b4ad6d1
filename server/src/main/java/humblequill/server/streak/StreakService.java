package humblequill.server.streak;

import humblequill.core.entry.Tally;
import humblequill.core.streak.PenLine;
import humblequill.core.streak.PracticeRecord;
import humblequill.core.streak.Run;
import humblequill.core.streak.Streak;
import humblequill.server.data.Derived;
import humblequill.server.entry.EntryLedger;
import humblequill.server.settings.Learner;
import humblequill.server.settings.Settings;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;

/** Counts streaks and draws the pen line. */
@Service
public class StreakService {
  private final EntryLedger ledger;

  /** The whole history is looked at again only when something changed. */
  private final Derived<Counted> counted = new Derived<>();

  StreakService(EntryLedger ledger) {
    this.ledger = ledger;
  }

  /** What was counted for one state of entries, settings and day. */
  private record Counted(
      Tally minutes,
      Learner learner,
      PracticeRecord practice,
      Map<Settings.StreakChoice, Streak> streaks) {
    static Counted of(Tally minutes, Learner learner) {
      var practice =
          PracticeRecord.of(
              minutes,
              learner.streakFloorMinutes(),
              learner.availability()::isNeutral,
              learner.today());
      return new Counted(minutes, learner, practice, new ConcurrentHashMap<>());
    }

    Streak streak(Settings.StreakChoice choice) {
      return streaks.computeIfAbsent(
          choice, c -> learner.rule(c).count(practice, learner.weekStart()));
    }
  }

  private Counted counted(Learner learner) {
    var minutes = ledger.read().minutes();
    return counted.get(
        List.of(minutes, learner.availability(), learner.today()),
        () -> Counted.of(minutes, learner));
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

  /** All runs by one school, the oldest first. */
  public List<Run> runs(Learner learner, Settings.StreakChoice choice) {
    return counted(learner).streak(choice).runs();
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
