package humblequill.core.sitting;

import humblequill.core.ground.stats.SignTest;
import java.util.List;

/**
 * How hard sittings seemed beforehand against how hard they were.
 *
 * @param easier how many were easier than they seemed
 * @param same as hard as they seemed
 * @param harder harder than they seemed
 * @param p the chance of so uneven a count where neither is likelier; 1 without any
 */
public record Feared(int easier, int same, int harder, double p) {
  private static final double UNLIKELY = 0.05;

  /** Of those sittings that told both. */
  public static Feared of(List<PastSitting> sittings) {
    var differences =
        sittings.stream()
            .map(PastSitting::felt)
            .filter(f -> f.dread().isPresent() && f.was().isPresent())
            .map(f -> f.was().getAsInt() - f.dread().getAsInt())
            .toList();
    int easier = (int) differences.stream().filter(d -> d < 0).count();
    int harder = (int) differences.stream().filter(d -> d > 0).count();
    int told = easier + harder;
    return new Feared(
        easier, differences.size() - told, harder, told == 0 ? 1 : SignTest.twoSided(easier, told));
  }

  /** Whether it can be said that they are easier, or harder, than they seem. */
  public boolean said() {
    return p < UNLIKELY;
  }
}
