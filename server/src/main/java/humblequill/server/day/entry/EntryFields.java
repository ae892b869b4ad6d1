package humblequill.server.day.entry;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
 * @param poses timed poses; null or empty without any
 * @param study what it tells of learning; null where it tells nothing
 * @param wentWrong what went wrong
 * @param nextTime what to do next time
 * @param note all else
 */
public record EntryFields(
    @NotNull LocalDate day,
    @Nullable LocalTime time,
    @Nullable @Size(max = 80) String exerciseId,
    @Nullable @Size(max = Name.MAX_TEXT) String topic,
    @Nullable @Min(1) @Max(Entry.MAX_DRAWINGS) Integer drawings,
    @Nullable @Min(1) @Max(Entry.MAX_MINUTES) Integer minutes,
    @Nullable @Size(max = Name.MAX_TEXT) String source,
    @Nullable @Size(max = Name.MAX_TEXT) String medium,
    @Nullable @Size(max = Name.MAX_TEXT) String resource,
    @Nullable @Size(max = Name.MAX_TEXT) String book,
    @Nullable @Min(1) @Max(PageSpan.MAX_PAGE) Integer pageFrom,
    @Nullable @Min(1) @Max(PageSpan.MAX_PAGE) Integer pageTo,
    @Nullable @Min(1) @Max(5) Integer mark,
    @Nullable @Size(max = Poses.MAX_ROWS) List<@Valid @NotNull PosesView> poses,
    @Nullable @Valid StudyFields study,
    @NotNull @Size(max = Entry.MAX_TEXT) String wentWrong,
    @NotNull @Size(max = Entry.MAX_TEXT) String nextTime,
    @NotNull @Size(max = Entry.MAX_TEXT) String note) {
  /** The fields of an entry as the rules know it. */
  public static EntryFields of(Entry entry) {
    return of(new EntryDraft(entry));
  }

  /** The fields of an entry that may not be whole yet. */
  public static EntryFields of(EntryDraft draft) {
    return new EntryFields(
        draft.day,
        draft.time.orElse(null),
        draft.exerciseId.orElse(null),
        draft.topic.orElse(null),
        draft.drawings.orElse(null),
        draft.minutes.orElse(null),
        draft.source.orElse(null),
        draft.medium.orElse(null),
        draft.resource.orElse(null),
        draft.book.orElse(null),
        draft.pages.map(PageSpan::from).orElse(null),
        draft.pages.map(PageSpan::to).orElse(null),
        draft.mark.orElse(null),
        PosesView.of(draft.poses),
        StudyFields.of(draft.study),
        draft.wentWrong,
        draft.nextTime,
        draft.note);
  }

  /**
   * The entry as the rules know it.
   *
   * @throws Refusal naming the field that cannot be
   */
  public Entry toCore() {
    checkPages();
    try {
      return draft().entry();
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue("entry", "", Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  private EntryDraft draft() {
    var draft = new EntryDraft(day);
    draft.time = Optional.ofNullable(time);
    draft.exerciseId = Optional.ofNullable(exerciseId);
    draft.topic = Optional.ofNullable(topic);
    draft.drawings = Optional.ofNullable(drawings);
    draft.minutes = Optional.ofNullable(minutes);
    draft.source = Optional.ofNullable(source);
    draft.medium = Optional.ofNullable(medium);
    draft.resource = Optional.ofNullable(resource);
    draft.book = Optional.ofNullable(book);
    draft.pages = Optional.ofNullable(pageFrom).map(from -> new PageSpan(from, lastPage()));
    draft.mark = Optional.ofNullable(mark);
    draft.poses = PosesView.toCore(poses);
    draft.study = StudyFields.toCore(study);
    draft.wentWrong = wentWrong;
    draft.nextTime = nextTime;
    draft.note = note;
    return draft;
  }

  /** The same on another day. */
  public EntryFields on(LocalDate other) {
    return with(other, exerciseId, topic);
  }

  /** The same for an exercise. */
  public EntryFields ofExercise(String id) {
    return with(day, id, topic);
  }

  /** The same under a topic instead of its exercise. */
  public EntryFields underTopic(String name) {
    return with(day, null, name);
  }

  private EntryFields with(LocalDate on, @Nullable String exercise, @Nullable String name) {
    var draft = draft();
    draft.day = on;
    draft.exerciseId = Optional.ofNullable(exercise);
    draft.topic = Optional.ofNullable(name);
    return of(draft);
  }

  private int lastPage() {
    return pageTo != null ? pageTo : Objects.requireNonNullElse(pageFrom, 1);
  }

  private void checkPages() {
    if (pageTo != null && pageFrom == null) {
      throw Refusal.badValue("pageFrom", null, Message.of("day.lastPageAlone"));
    }
    if (pageTo != null && pageTo < pageFrom) {
      throw Refusal.badValue(
          "pageTo",
          pageTo,
          Message.of("day.pagesBackwards", "pageTo", pageTo, "pageFrom", pageFrom));
    }
  }
}
