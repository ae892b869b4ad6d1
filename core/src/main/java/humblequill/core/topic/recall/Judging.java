package humblequill.core.topic.recall;

import java.text.Normalizer;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Judges names kindly: case and accents do not count, and one slip in a word of five letters or
 * more is forgiven, unless it leads to another name or just as near to one.
 */
public final class Judging {
  /** Letters a word needs before a slip in it is forgiven. */
  static final int LONG_ENOUGH = 5;

  /** Words that tell sides and kinds apart; they are exact. */
  private static final Set<String> EXACT =
      Set.of(
          "left",
          "right",
          "front",
          "back",
          "upper",
          "lower",
          "inner",
          "outer",
          "major",
          "minor",
          "maximus",
          "medius",
          "minimus",
          "longus",
          "brevis",
          "magnus",
          "anterior",
          "posterior",
          "superior",
          "inferior",
          "medial",
          "lateral",
          "medialis",
          "lateralis",
          "internal",
          "external",
          "port",
          "starboard",
          "first",
          "second",
          "third",
          "fourth",
          "fifth");

  private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
  private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\p{Nd}]+");

  private final Set<String> all;

  /**
   * Judges among names.
   *
   * @param names every name of every plate, in every wording
   */
  public Judging(Collection<String> names) {
    this.all = names.stream().map(Judging::plain).collect(Collectors.toUnmodifiableSet());
  }

  /** How an answer is judged. */
  public enum Verdict {
    /** As it is written. */
    RIGHT,
    /** Right but for a slip. */
    SLIP,
    /** Another name, or none. */
    WRONG
  }

  /** A name without case, accents and needless blanks. */
  public static String plain(String name) {
    var bare = ACCENTS.matcher(Normalizer.normalize(name, Normalizer.Form.NFD)).replaceAll("");
    return NO_LETTERS.matcher(bare.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
  }

  /**
   * Judges.
   *
   * @param right all wordings that are right
   */
  public Verdict judge(String answer, Collection<String> right) {
    var said = plain(answer);
    var wanted = right.stream().map(Judging::plain).toList();
    if (said.isEmpty()) {
      return Verdict.WRONG;
    }
    if (wanted.contains(said)) {
      return Verdict.RIGHT;
    }
    if (all.contains(said)) {
      return Verdict.WRONG;
    }
    boolean near = wanted.stream().anyMatch(w -> slips(said, w));
    boolean elsewhere =
        all.stream()
            .filter(name -> Math.abs(name.length() - said.length()) <= 1 && !wanted.contains(name))
            .anyMatch(name -> Slip.distance(said, name) <= 1);
    return near && !elsewhere ? Verdict.SLIP : Verdict.WRONG;
  }

  /** Whether one word of a name was written with one slip. */
  private static boolean slips(String said, String wanted) {
    var a = List.of(said.split(" "));
    var b = List.of(wanted.split(" "));
    if (a.size() != b.size() || Slip.distance(said, wanted) != 1) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      if (!a.get(i).equals(b.get(i))
          && (b.get(i).length() < LONG_ENOUGH
              || EXACT.contains(b.get(i))
              || EXACT.contains(a.get(i)))) {
        return false;
      }
    }
    return true;
  }
}
