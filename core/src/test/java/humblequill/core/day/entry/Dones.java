package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;

/** What was done, written as maps. */
public final class Dones {
  private Dones() {}

  /** Units by exercise and day. */
  public static Done of(Map<String, Map<LocalDate, Integer>> units) {
    var tallies = new HashMap<String, Tally>();
    units.forEach((id, byDay) -> tallies.put(id, Tally.of(byDay)));
    return new Done(tallies);
  }
}
