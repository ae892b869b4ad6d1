package humblequill.server.entry;

import humblequill.core.entry.Entry;
import humblequill.core.entry.PageSpan;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/**
 * What an entry says, as read and written; empty fields are null or empty text.
 *
 * @param day the practice day, not ahead of today
 * @param time when, if known
 * @param exerciseId exercise of the course that is followed
 * @param topic topic by name, where no exercise fits
 * @param drawings 1 to 9999
 * @param minutes 1 to 1440
 * @param source by name
 * @param medium by name
 * @param resource by name
 * @param book by name
 * @param pageFrom first page, 1 to 9999
 * @param pageTo last page; the first one if left out
 * @param mark 1 to 5
 * @param wentWrong what went wrong
 * @param nextTime what to do next time
 * @param note all else
 * @param poses lengths and counts of timed poses, as in {@code 10 x 30 s, 4 x 2 min}; may be left
 *     out
 */
public record EntryFields(
    @NotNull LocalDate day,
    @Nullable LocalTime time,
    @Nullable @Size(max = 80) String exerciseId,
    @Nullable @Size(max = EntryFields.LONGEST_NAME) String topic,
    @Nullable @Min(1) @Max(Entry.MAX_DRAWINGS) Integer drawings,
    @Nullable @Min(1) @Max(Entry.MAX_MINUTES) Integer minutes,
    @Nullable @Size(max = 120) String source,
    @Nullable @Size(max = 120) String medium,
    @Nullable @Size(max = 200) String resource,
    @Nullable @Size(max = 120) String book,
    @Nullable @Min(1) @Max(PageSpan.MAX_PAGE) Integer pageFrom,
    @Nullable @Min(1) @Max(PageSpan.MAX_PAGE) Integer pageTo,
    @Nullable @Min(1) @Max(5) Integer mark,
    @NotNull @Size(max = Entry.MAX_TEXT) String wentWrong,
    @NotNull @Size(max = Entry.MAX_TEXT) String nextTime,
    @NotNull @Size(max = Entry.MAX_TEXT) String note,
    @Nullable @Size(max = EntryFields.LONGEST_POSES) String poses) {

  /** The longest name of a topic. */
  public static final int LONGEST_NAME = 120;

  /** The longest list of poses. */
  public static final int LONGEST_POSES = 400;

  /** The same on another day. */
  public EntryFields on(LocalDate other) {
    return with(other, exerciseId, topic);
  }

  /** The same under a topic instead of its exercise. */
  public EntryFields underTopic(String name) {
    return with(day, null, name);
  }

  private EntryFields with(LocalDate on, @Nullable String exercise, @Nullable String name) {
    return new EntryFields(
        on, time, exercise, name, drawings, minutes, source, medium, resource, book, pageFrom,
        pageTo, mark, wentWrong, nextTime, note, poses);
  }

  /** The fields of an entry as the rules know it. */
  public static EntryFields of(Entry entry) {
    return new EntryFields(
        entry.day(),
        entry.time().orElse(null),
        entry.exerciseId().orElse(null),
        entry.topic().orElse(null),
        entry.drawings().orElse(null),
        entry.minutes().orElse(null),
        entry.source().orElse(null),
        entry.medium().orElse(null),
        entry.resource().orElse(null),
        entry.book().orElse(null),
        entry.pages().map(PageSpan::from).orElse(null),
        entry.pages().map(PageSpan::to).orElse(null),
        entry.mark().orElse(null),
        entry.wentWrong(),
        entry.nextTime(),
        entry.note(),
        null);
  }
}
