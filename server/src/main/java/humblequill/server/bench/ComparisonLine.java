package humblequill.server.bench;

import humblequill.core.bench.Way;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A comparison in short.
 *
 * @param number which try of its reference it is, from 1
 * @param tries how many there are
 * @param reference address of the reference's picture
 * @param attempt address of the drawing's picture; null without one
 * @param meanOffset mean distance of the landmarks from their places; null while not known
 * @param first what to put right first; null where nothing is
 */
record ComparisonLine(
    UUID id,
    LocalDate day,
    String title,
    String template,
    Way way,
    int number,
    int tries,
    String reference,
    @Nullable String attempt,
    @Nullable Double meanOffset,
    ComparisonView.@Nullable FindingView first) {}
