package humblequill.server.promise;

import humblequill.core.promise.ForecastRecord;

/**
 * How forecasts held: weeks that are over against the span of 10 to 90 % that stood at their
 * beginning.
 *
 * @param weeks weeks that a span stood for
 * @param inside weeks whose count lay in it
 * @param tells whether there are weeks enough to be told
 */
public record ForecastsHeld(int weeks, int inside, boolean tells) {
  static ForecastsHeld of(ForecastRecord record) {
    return new ForecastsHeld(record.weeks(), record.inside(), record.tells());
  }
}
