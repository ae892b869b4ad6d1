package humblequill.server.entry;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Which entries to list.
 *
 * @param from first day
 * @param to last day
 * @param exercise id of an exercise
 * @param topic topic by name
 * @param medium medium by name
 * @param source source by name
 * @param text words that stand in any of its texts
 * @param page from 0
 * @param size entries a page, 1 to 500
 */
public record EntryFilter(
    @Nullable LocalDate from,
    @Nullable LocalDate to,
    @Nullable String exercise,
    @Nullable String topic,
    @Nullable String medium,
    @Nullable String source,
    @Nullable @Size(max = 200) String text,
    @Min(0) @Max(1_000_000) int page,
    @Min(1) @Max(500) int size) {}
