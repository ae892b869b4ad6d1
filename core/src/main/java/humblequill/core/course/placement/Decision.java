package humblequill.core.course.placement;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * One decision about a plan.
 *
 * @param automatic whether it followed from the missed-work policy
 * @param reason in the learner's words, may be empty
 * @param changes made together
 * @param undone whether it was taken back
 */
public record Decision(
    UUID id,
    LocalDate madeOn,
    boolean automatic,
    String reason,
    List<PlanChange> changes,
    boolean undone) {
  public Decision {
    changes = List.copyOf(changes);
  }

  /** Whether a later decision changes a week that this one changed or brought in. */
  boolean isBuiltOnBy(Decision later) {
    var mine = new HashSet<String>();
    changes.forEach(
        c -> {
          mine.addAll(c.touches());
          mine.addAll(c.creates());
        });
    return later.changes().stream().anyMatch(c -> c.touches().stream().anyMatch(mine::contains));
  }

  /** The dates that it closed because they were missed. */
  public Set<LocalDate> missedDays() {
    return changes.stream()
        .flatMap(change -> change.missedDays().stream())
        .collect(Collectors.toSet());
  }

  /** Whether it followed from missed days, stands, and does nothing else. */
  public boolean settlesMissedDays() {
    return automatic && !undone && changes.stream().noneMatch(c -> c.missedDays().isEmpty());
  }
}
