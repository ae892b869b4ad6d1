package humblequill.core.ground.copies;

import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Which copies are kept: all of the last three days that have any, and the last of each of fourteen
 * days, eight weeks and twelve months. Days, weeks and months are counted among the copies
 * themselves and not from today, so that neither a long break nor a clock that jumps drops one.
 */
public final class Generations {
  private static final int WHOLE_DAYS = 3;
  private static final int DAYS = 14;
  private static final int WEEKS = 8;
  private static final int MONTHS = 12;
  private static final int WEEKS_PLACE = 100;

  private Generations() {}

  /**
   * A copy.
   *
   * @param number counts up with every copy, whatever the clock says
   * @param at what the clock said
   * @param good whether it could be read whole when it was last looked at
   */
  public record Made(long number, LocalDateTime at, boolean good) {}

  /**
   * Those that are kept. One that is not good fills no generation and is kept, since it may be all
   * there is of something.
   *
   * @param copies in any order
   */
  public static Set<Made> kept(Collection<Made> copies) {
    var newestFirst =
        copies.stream()
            .filter(Made::good)
            .sorted(Comparator.comparingLong(Made::number).reversed())
            .toList();
    var kept = new HashSet<>(copies);
    kept.removeIf(Made::good);
    var whole = new LinkedHashSet<Object>();
    for (var copy : newestFirst) {
      whole.add(copy.at().toLocalDate());
      if (whole.size() <= WHOLE_DAYS) {
        kept.add(copy);
      }
    }
    kept.addAll(lastOfEach(newestFirst, c -> c.at().toLocalDate(), DAYS));
    kept.addAll(lastOfEach(newestFirst, c -> week(c.at()), WEEKS));
    kept.addAll(lastOfEach(newestFirst, c -> YearMonth.from(c.at()), MONTHS));
    return kept;
  }

  private static Set<Made> lastOfEach(
      List<Made> newestFirst, Function<Made, Object> period, int most) {
    var seen = new HashSet<Object>();
    var last = new HashSet<Made>();
    for (var copy : newestFirst) {
      if (seen.size() < most && seen.add(period.apply(copy))) {
        last.add(copy);
      }
    }
    return last;
  }

  /** The week by ISO 8601. */
  private static int week(LocalDateTime at) {
    return at.get(IsoFields.WEEK_BASED_YEAR) * WEEKS_PLACE
        + at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
  }
}
