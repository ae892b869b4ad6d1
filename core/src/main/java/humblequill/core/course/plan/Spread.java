package humblequill.core.course.plan;

import java.util.List;

/**
 * Work spread over days.
 *
 * @param days one plan per day, in order
 * @param shortfalls what does not fit, in the order of the work given; empty when all fits
 * @param workSeconds all work
 * @param roomSeconds all effective room
 */
public record Spread(
    List<DayPlan> days, List<Shortfall> shortfalls, long workSeconds, long roomSeconds) {
  public Spread {
    days = List.copyOf(days);
    shortfalls = List.copyOf(shortfalls);
  }

  /** Work ÷ room: 1.00 is a full week. 0 without work, infinite when there is work and no room. */
  public double load() {
    return workSeconds == 0 ? 0 : (double) workSeconds / roomSeconds;
  }

  /** Whether everything has a day. */
  public boolean fits() {
    return shortfalls.isEmpty();
  }
}
