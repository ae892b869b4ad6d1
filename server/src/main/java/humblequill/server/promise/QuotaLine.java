package humblequill.server.promise;

import humblequill.core.promise.Forecast;
import humblequill.core.promise.Outcome;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A quota in short, for lists.
 *
 * @param outcome whether it runs, and how it ended if not
 * @param endedOn the day it was ended before its last day; null otherwise
 * @param progress figures of the span that counts now; without a curve once it does not run
 * @param forecast how it will go; null once it does not run any more
 * @param record what it came to so far
 */
public record QuotaLine(
    UUID id,
    long version,
    QuotaTerms terms,
    Outcome outcome,
    @Nullable LocalDate endedOn,
    QuotaView.ProgressView progress,
    @Nullable Forecast forecast,
    Sums record) {
  /** Units asked for, and units done. */
  public record Sums(int asked, int done) {}
}
