package humblequill.core.sitting;

import humblequill.core.ground.stats.ShrunkMedian;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What setting up, warming up and choosing references cost on a drawing day: what was expected,
 * until ten sittings tell better. Common practice, no published source.
 *
 * @param minutes the figure to plan with, 0 or more
 * @param sittings how many sittings told what they cost
 * @param days drawing days of these
 * @param ownMinutes the median of these days; 0 without any
 * @param learned whether they are enough to speak
 */
public record SetUp(int minutes, int sittings, int days, int ownMinutes, boolean learned) {
  /** Sittings from which on they speak. */
  public static final int ENOUGH = 10;

  /**
   * The longest time that still is setting up, in minutes; beyond it something else came between.
   */
  public static final int MAX_MINUTES = 60;

  private static final long MINUTE = 60_000;

  /** What one sitting cost beside drawing. */
  public record OfSitting(LocalDate day, int minutes) {}

  /**
   * The figure to plan with.
   *
   * @param told every sitting that told what it cost
   * @param expectedMinutes what is expected without any
   */
  public static SetUp of(List<OfSitting> told, int expectedMinutes) {
    var byDay = new TreeMap<LocalDate, Integer>();
    told.forEach(s -> byDay.merge(s.day(), s.minutes(), Integer::sum));
    var shrunk = ShrunkMedian.of(List.copyOf(byDay.values()), expectedMinutes);
    boolean learned = told.size() >= ENOUGH;
    return new SetUp(
        learned ? (int) Math.round(shrunk.value()) : expectedMinutes,
        told.size(),
        shrunk.cases(),
        (int) Math.round(shrunk.own()),
        learned);
  }

  /**
   * What a sitting cost beside drawing: all its time without breaks, less its drawing. Of a warm-up
   * all of it.
   *
   * @return whole minutes; nothing when it is more than {@link #MAX_MINUTES}
   */
  public static Optional<Integer> measured(Instant started, Timed over, boolean warmUp) {
    long all = Duration.between(started, over.endedAt()).toMillis() - over.restMillis();
    long cost = warmUp ? all : all - over.workMillis();
    int minutes = (int) Math.max(0, Math.round((double) cost / MINUTE));
    return minutes > MAX_MINUTES ? Optional.empty() : Optional.of(minutes);
  }
}
