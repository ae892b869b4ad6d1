package humblequill.server.book.picture;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A picture of a page, or one that waits for its page. Where and with what it was taken is not
 * known here.
 *
 * @param originalName as the file was called when it came
 * @param width as it is seen, in dots
 * @param height as it is seen, in dots
 * @param partOf the picture of which this is a part of its own; null for a whole one
 * @param straight whether a sheet was taken out of it and is seen straight
 * @param evenLight whether the light on that sheet was evened out
 * @param way tells ways of seeing its file apart: how it is turned and made straight
 * @param taken by the camera's clock; null where it tells none that can be
 * @param day the practice day it was taken on; null without a time
 * @param pageId null while it waits
 * @param beside whether it is a detail or another view beside the page's own picture
 */
public record PagePicture(
    UUID id,
    long version,
    String originalName,
    long bytes,
    int width,
    int height,
    @Nullable UUID partOf,
    boolean straight,
    boolean evenLight,
    String way,
    @Nullable LocalDateTime taken,
    @Nullable LocalDate day,
    Instant addedAt,
    @Nullable UUID pageId,
    boolean beside,
    String caption) {}
