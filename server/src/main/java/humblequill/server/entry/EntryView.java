package humblequill.server.entry;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stored entry.
 *
 * @param id made by the client
 * @param version counts changes; a write with an older one is refused
 * @param exerciseTitle name of the exercise when it was logged
 * @param poses lengths and counts of timed poses; empty without any
 * @param minutesOrEstimate minutes, or estimated from the drawings; 0 when nothing tells
 */
public record EntryView(
    UUID id,
    long version,
    LocalDate day,
    @Nullable LocalTime time,
    @Nullable String exerciseId,
    @Nullable String exerciseTitle,
    @Nullable String topic,
    @Nullable Integer drawings,
    @Nullable Integer minutes,
    int minutesOrEstimate,
    @Nullable String source,
    @Nullable String medium,
    @Nullable String resource,
    @Nullable String book,
    @Nullable Integer pageFrom,
    @Nullable Integer pageTo,
    @Nullable Integer mark,
    String wentWrong,
    String nextTime,
    String note,
    String poses) {

  static EntryView of(EntryEntity e) {
    return new EntryView(
        e.id,
        e.version == null ? 0 : e.version,
        e.practiceDay,
        e.timeOfDay,
        e.exerciseId,
        e.exerciseTitle,
        e.topic,
        e.drawings,
        e.minutes,
        PracticeDays.minutes(e.minutes, e.drawings, e.secondsEach),
        e.source,
        e.medium,
        e.resource,
        e.book,
        e.pageFrom,
        e.pageTo,
        e.mark,
        e.wentWrong,
        e.nextTime,
        e.note,
        e.poses);
  }
}
