package humblequill.core.ground.calendar;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;

/**
 * Tells which practice day a moment belongs to. A practice day begins at the learner's rollover
 * hour, so a drawing made at 01:30 with rollover 3 still belongs to the evening before.
 *
 * @param zone the zone the learner lives in
 * @param rolloverHour hour of the local clock at which the next practice day begins, 0 to 12
 */
public record PracticeClock(ZoneId zone, int rolloverHour) {
  public PracticeClock {
    Objects.requireNonNull(zone, "zone");
    if (rolloverHour < 0 || rolloverHour > 12) {
      throw new InvalidException(Message.of("ground.rolloverWithin", "hour", rolloverHour));
    }
  }

  /**
   * The practice day of a moment. The local wall clock decides, so a day of 23 or 25 hours rolls
   * over at the same hour as any other.
   */
  public LocalDate practiceDay(Instant moment) {
    var local = moment.atZone(zone).toLocalDateTime();
    return local.getHour() < rolloverHour ? local.toLocalDate().minusDays(1) : local.toLocalDate();
  }

  /** The moment at which a practice day begins. */
  public Instant startOf(LocalDate day) {
    return day.atTime(rolloverHour, 0).atZone(zone).toInstant();
  }
}
