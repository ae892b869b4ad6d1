package humblequill.core.lookback;

import humblequill.core.ground.name.Fold;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/**
 * Which remarks are the same: those of the same words, whatever their number and case, and those
 * that the learner says mean the same. What is the same as one is the same as all of them.
 */
public final class SameWords {
  /** By the words alone. */
  public static final SameWords ALONE = new SameWords(Map.of());

  private final Map<String, String> leadsTo;

  private SameWords(Map<String, String> leadsTo) {
    this.leadsTo = leadsTo;
  }

  /** Two remarks that mean the same. */
  public record MeantSame(String one, String other) {
    /** Whether it says the same of two remarks, in either order. */
    public boolean isOf(String a, String b) {
      return isSpelled(one, a) && isSpelled(other, b) || isSpelled(one, b) && isSpelled(other, a);
    }

    private static boolean isSpelled(String remark, String other) {
      return Fold.of(remark).equals(Fold.of(other));
    }
  }

  /** By the words and by what the learner says. */
  public static SameWords of(Collection<MeantSame> pairs) {
    var leadsTo = new HashMap<String, String>();
    for (var pair : pairs) {
      var one = end(leadsTo, Fold.of(pair.one()));
      var other = end(leadsTo, Fold.of(pair.other()));
      if (!one.equals(other)) {
        leadsTo.put(one, other);
      }
    }
    return new SameWords(leadsTo);
  }

  private static String end(Map<String, String> leadsTo, String from) {
    var at = from;
    while (leadsTo.containsKey(at)) {
      at = leadsTo.get(at);
    }
    return at;
  }

  /** Whether two remarks are the same. */
  public boolean isSame(String one, String other) {
    return key(one).equals(key(other));
  }

  /** The same for all remarks that are the same. */
  String key(String remark) {
    return end(leadsTo, Fold.of(remark));
  }
}
