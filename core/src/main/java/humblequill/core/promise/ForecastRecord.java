package humblequill.core.promise;

import java.time.LocalDate;

/**
 * How the forecasts of promises held so far: each week that is over against the span of 10 to 90 %
 * that stood at its beginning.
 *
 * @param weeks weeks that a span stood for
 * @param inside weeks whose count lay in it, both ends included
 */
public record ForecastRecord(int weeks, int inside) {
  /** No week yet. */
  public static final ForecastRecord NONE = new ForecastRecord(0, 0);

  /** Weeks below which it tells nothing. */
  private static final int TELLING = 8;

  private static final double LIKELY = 0.9;
  private static final double UNLIKELY = 0.1;

  /** Whether there are weeks enough to be told. */
  public boolean tells() {
    return weeks >= TELLING;
  }

  /** Both together. */
  public ForecastRecord plus(ForecastRecord other) {
    return new ForecastRecord(weeks + other.weeks, inside + other.inside);
  }

  /**
   * That of one promise.
   *
   * @param today the open practice day; weeks that hold it are not over
   */
  public static ForecastRecord of(Account account, DrawingDays learners, LocalDate today) {
    var promise = account.quota().promise();
    var days = account.quota().drawingDays(learners);
    var end = account.endedOn().filter(e -> e.isBefore(today)).orElse(today.minusDays(1));
    var record = NONE;
    for (var from = promise.start();
        !from.plusDays(Promise.WEEK - 1L).isAfter(end);
        from = from.plusDays(Promise.WEEK)) {
      record = record.plus(week(account, learners, days, from));
    }
    return record;
  }

  private static ForecastRecord week(
      Account account, DrawingDays learners, DrawingDays days, LocalDate from) {
    var to = from.plusDays(Promise.WEEK - 1L);
    var own = account.daysBefore(from, learners);
    int ahead = days.count(from, to);
    var stood = account.before(from).progress(learners, from);
    if (own.byDay().size() < Forecast.ENOUGH || ahead == 0 || stood.over() || stood.reached()) {
      return NONE;
    }
    int all = Math.max(1, days.count(stood.from(), stood.due()));
    int left = Math.max(1, days.count(from, stood.due()));
    var urn = DayUrn.of(own, (double) stood.asked() / all, ahead, left);
    var draws = urn.draws(urn.most() * ahead + 1);
    for (int i = 0; i < ahead; i++) {
      draws.next();
    }
    int drawn = account.byDay().between(from, to);
    var sums = draws.sums(0);
    boolean held = drawn >= sums.reached(LIKELY) && drawn <= sums.reached(UNLIKELY);
    return new ForecastRecord(1, held ? 1 : 0);
  }
}
