package humblequill.core.quota;

import java.util.List;

/**
 * How the target of a ramp moves: a week that meets it raises it by a step, a missed week holds it,
 * a second missed week in a row steps back, though never below the first target. Common practice,
 * no published source.
 */
final class Ramps {
  private Ramps() {}

  /**
   * The target of the week after those given.
   *
   * @param done units of each week that is over, in order
   */
  static int target(Promise.Ramp ramp, List<Integer> done) {
    int target = ramp.first();
    int missed = 0;
    for (int units : done) {
      if (units >= target) {
        target += ramp.step();
        missed = 0;
      } else if (++missed == 2) {
        target = Math.max(ramp.first(), target - ramp.step());
        missed = 0;
      }
    }
    return target;
  }
}
