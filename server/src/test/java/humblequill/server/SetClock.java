package humblequill.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that runs on from a moment, or stands still at one, as the test says. */
final class SetClock extends Clock {
  private volatile Clock now = Clock.systemUTC();

  void runFrom(String moment) {
    var system = Clock.systemUTC();
    now = Clock.offset(system, Duration.between(system.instant(), Instant.parse(moment)));
  }

  void standAt(String moment) {
    now = Clock.fixed(Instant.parse(moment), ZoneOffset.UTC);
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return this;
  }

  @Override
  public Instant instant() {
    return now.instant();
  }
}
