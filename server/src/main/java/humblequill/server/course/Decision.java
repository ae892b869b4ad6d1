package humblequill.server.course;

import humblequill.core.course.PlanChange;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

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
  /** Whether a later decision changes a week that this one changed or brought in. */
  boolean isBuiltOnBy(Decision later) {
    var mine = new java.util.HashSet<String>();
    changes.forEach(
        c -> {
          mine.addAll(c.touches());
          mine.addAll(c.creates());
        });
    return later.changes().stream().anyMatch(c -> c.touches().stream().anyMatch(mine::contains));
  }
}
