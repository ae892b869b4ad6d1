package humblequill.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What became of a difference from one try of a reference to the next.
 *
 * @param finding as it is now; of one that is gone as it was
 */
public record FindingChange(Finding finding, Became became) {
  /** What it became. */
  public enum Became {
    /** Within the tolerance now. */
    GONE,
    LESS,
    MORE,
    /** Beyond the tolerance, and was not. */
    NEW
  }

  /**
   * What changed, in the order of putting it right. What one of the two does not measure has not
   * changed, and what is about the same is left out.
   *
   * @param refused keys of findings that were meant so
   */
  public static List<FindingChange> between(Compared before, Compared now, Set<String> refused) {
    var was = open(before, refused);
    var is = open(now, refused);
    var changes = new ArrayList<FindingChange>();
    for (var finding : is.values()) {
      var earlier = was.get(finding.key());
      if (earlier == null) {
        if (measures(before, finding)) {
          changes.add(new FindingChange(finding, Became.NEW));
        }
      } else if (finding.weight() <= Series.BETTER * earlier.weight()) {
        changes.add(new FindingChange(finding, Became.LESS));
      } else if (earlier.weight() <= Series.BETTER * finding.weight()) {
        changes.add(new FindingChange(finding, Became.MORE));
      }
    }
    was.values().stream()
        .filter(f -> !is.containsKey(f.key()) && measures(now, f))
        .forEach(f -> changes.add(new FindingChange(f, Became.GONE)));
    return changes;
  }

  private static Map<String, Finding> open(Compared compared, Set<String> refused) {
    var open = new LinkedHashMap<String, Finding>();
    compared.findings().stream()
        .filter(f -> !refused.contains(f.key()))
        .forEach(f -> open.put(f.key(), f));
    return open;
  }

  /** Whether what a finding is about was looked at and found within the tolerance. */
  private static boolean measures(Compared compared, Finding finding) {
    var verdict = compared.sides().verdict();
    if (verdict != Sides.Verdict.TRUE && verdict != Sides.Verdict.UNKNOWN) {
      return false;
    }
    return switch (finding.kind()) {
      case LEAN -> compared.lean().isPresent();
      case TILT, LENGTH ->
          compared.parts().stream().anyMatch(p -> p.part().name().equals(finding.subject()));
      case PLACE ->
          compared.landmarks().stream()
              .anyMatch(l -> l.landmark().name().equals(finding.subject()) && !l.off());
    };
  }
}
