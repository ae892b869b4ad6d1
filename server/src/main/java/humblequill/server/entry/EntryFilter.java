package humblequill.server.entry;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Which entries to list.
 *
 * @param from first day
 * @param to last day
 * @param exercise id of an exercise
 * @param topic topic by any of its spellings
 * @param medium medium by any of its spellings
 * @param source source by any of its spellings
 * @param text words that stand in any of its texts or names
 * @param skip how many of those that match are left out first
 * @param most how many are listed, 1 to 500
 */
public record EntryFilter(
    @Nullable LocalDate from,
    @Nullable LocalDate to,
    @Nullable String exercise,
    @Nullable String topic,
    @Nullable String medium,
    @Nullable String source,
    @Nullable String text,
    int skip,
    int most) {}
