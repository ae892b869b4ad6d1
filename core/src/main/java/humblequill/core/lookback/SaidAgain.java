package humblequill.core.lookback;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Words under "went wrong" that come back.
 *
 * @param words as they were written last
 * @param times how often in the week
 * @param before how often in the weeks before
 */
public record SaidAgain(String words, int times, int before) {
  private static final Pattern ENDS = Pattern.compile("[.;!?\\n]+");

  /** The single remarks of a note. */
  static List<String> in(String note) {
    return ENDS.splitAsStream(note).map(String::strip).filter(r -> !r.isEmpty()).toList();
  }

  private static final class Count {
    private String words = "";
    private int times;
    private int before;
  }

  /**
   * What was said twice or more, and in the week at least once: the most often said first.
   *
   * @param week notes of the week, the oldest first
   * @param before notes of the weeks before
   */
  public static List<SaidAgain> again(List<String> week, List<String> before, SameWords same) {
    var counts = new LinkedHashMap<String, Count>();
    week.stream()
        .flatMap(note -> in(note).stream())
        .forEach(
            remark -> {
              var count = counts.computeIfAbsent(same.key(remark), k -> new Count());
              count.words = remark;
              count.times++;
            });
    before.stream()
        .flatMap(note -> in(note).stream())
        .map(same::key)
        .filter(counts::containsKey)
        .forEach(key -> counts.get(key).before++);
    var again = new ArrayList<SaidAgain>();
    counts.values().stream()
        .filter(c -> c.times + c.before > 1)
        .forEach(c -> again.add(new SaidAgain(c.words, c.times, c.before)));
    again.sort(
        Comparator.comparingInt(SaidAgain::times)
            .thenComparingInt(SaidAgain::before)
            .reversed()
            .thenComparing(SaidAgain::words));
    return again;
  }

  /** How often a remark was said in some notes. */
  public static int count(String remark, List<String> notes, SameWords same) {
    var sought = same.key(remark);
    return (int)
        notes.stream()
            .flatMap(note -> in(note).stream())
            .map(same::key)
            .filter(sought::equals)
            .count();
  }

  /** All remarks of some notes, each once and as it was written last; the newest first. */
  public static List<String> remarks(List<String> notes) {
    var remarks = new LinkedHashMap<String, String>();
    notes.stream()
        .flatMap(note -> in(note).stream())
        .forEach(
            remark -> {
              remarks.remove(Fold.of(remark));
              remarks.put(Fold.of(remark), remark);
            });
    var newestFirst = new ArrayList<>(remarks.values());
    Collections.reverse(newestFirst);
    return newestFirst;
  }
}
