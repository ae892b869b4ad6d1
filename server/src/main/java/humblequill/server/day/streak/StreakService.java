package humblequill.server.day.streak;

import humblequill.core.day.entry.Tally;
import humblequill.core.day.streak.PenLine;
import humblequill.core.day.streak.PracticeRecord;
import humblequill.core.day.streak.Run;
import humblequill.core.day.streak.School;
import humblequill.core.day.streak.Streak;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
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
      Tally minutes, Learner learner, PracticeRecord practice, Map<School, Streak> streaks) {
    static Counted of(Tally minutes, Learner learner) {
      var practice =
          PracticeRecord.of(
              minutes,
              learner.counting().floorMinutes(),
              learner.availability()::isNeutral,
              learner.today());
      return new Counted(minutes, learner, practice, new ConcurrentHashMap<>());
    }

    Streak streak(School choice) {
      return streaks.computeIfAbsent(
          choice, c -> learner.counting().rule(c).count(practice, learner.weekStart()));
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
    return view(learner, learner.counting().school());
  }

  /** All three schools; the learner's own is marked. */
  public List<StreakView> all(Learner learner) {
    return Arrays.stream(School.values()).map(choice -> view(learner, choice)).toList();
  }

  /** All runs by one school, the oldest first. */
  public List<Run> runs(Learner learner, School choice) {
    return counted(learner).streak(choice).runs();
  }

  private StreakView view(Learner learner, School choice) {
    return StreakView.of(
        choice, choice == learner.counting().school(), counted(learner).streak(choice));
  }

  /** The pen line between two dates by the learner's own rule. */
  public List<PenLine.Stroke> penLine(Learner learner, LocalDate from, LocalDate to) {
    var last = counted(learner);
    return PenLine.of(
        last.practice(), last.streak(learner.counting().school()), last.minutes(), from, to);
  }
}
