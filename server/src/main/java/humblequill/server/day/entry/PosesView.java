package humblequill.server.day.entry;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.Poses;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Poses of one length, as read and written. */
public record PosesView(
    @Min(1) @Max(Entry.MAX_DRAWINGS) int count, @Min(1) @Max(Poses.MAX_SECONDS) int secondsEach) {
  /** Poses as rows. */
  public static List<PosesView> of(Poses poses) {
    return poses.rows().stream().map(r -> new PosesView(r.count(), r.secondsEach())).toList();
  }

  /** Rows as poses; none for null. */
  public static Poses toCore(@Nullable List<PosesView> rows) {
    return rows == null
        ? Poses.NONE
        : new Poses(rows.stream().map(r -> new Poses.Row(r.count, r.secondsEach)).toList());
  }
}
