package humblequill.core.bench;

import humblequill.core.ground.stats.SignTest;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * An error that is told in words more than once.
 *
 * @param part the part's name, folded; empty for the whole
 * @param along what is too much or too little of
 * @param more how often it was told as too much
 * @param less how often as too little
 * @param sign the chance of the exact sign test
 * @param standing how much may be said
 */
public record SaidHabit(
    String part,
    SaidWrong.Along along,
    int more,
    int less,
    double sign,
    Tendency.Standing standing) {
  private static final double ACCEPTED = 0.05;

  private record What(String part, SaidWrong.Along along) {}

  /** What was told, by part and direction: the most often told first. */
  public static List<SaidHabit> of(List<SaidWrong> said) {
    var counts = new LinkedHashMap<What, int[]>();
    for (var s : said) {
      counts.computeIfAbsent(new What(s.part(), s.along()), w -> new int[2])[s.more() ? 0 : 1]++;
    }
    return counts.entrySet().stream()
        .map(e -> of(e.getKey(), e.getValue()[0], e.getValue()[1]))
        .sorted(
            Comparator.comparing(SaidHabit::standing)
                .thenComparing(Comparator.comparingInt(SaidHabit::times).reversed())
                .thenComparing(SaidHabit::part))
        .toList();
  }

  private static SaidHabit of(What what, int more, int less) {
    double sign = SignTest.twoSided(Math.max(more, less), more + less);
    var standing =
        more + less < Tendency.LEAST
            ? Tendency.Standing.TOO_FEW
            : sign <= ACCEPTED ? Tendency.Standing.HOLDS : Tendency.Standing.MAY_BE_CHANCE;
    return new SaidHabit(what.part(), what.along(), more, less, sign, standing);
  }

  /** How often it was told, either way. */
  public int times() {
    return more + less;
  }
}
