package humblequill.core.day.entry;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;

/** An entry being written field by field; what is not written stays empty. */
public final class EntryDraft {
  public LocalDate day;
  public Optional<LocalTime> time = Optional.empty();
  public Optional<String> exerciseId = Optional.empty();
  public Optional<String> topic = Optional.empty();
  public Optional<Integer> drawings = Optional.empty();
  public Optional<Integer> minutes = Optional.empty();
  public Optional<String> source = Optional.empty();
  public Optional<String> medium = Optional.empty();
  public Optional<String> resource = Optional.empty();
  public Optional<String> book = Optional.empty();
  public Optional<PageSpan> pages = Optional.empty();
  public Optional<Integer> mark = Optional.empty();
  public Poses poses = Poses.NONE;
  public Study study = Study.NONE;
  public String wentWrong = "";
  public String nextTime = "";
  public String note = "";

  /** Nothing but the day. */
  public EntryDraft(LocalDate day) {
    this.day = day;
  }

  /** All that an entry says. */
  public EntryDraft(Entry entry) {
    this(entry.day());
    time = entry.time();
    exerciseId = entry.exerciseId();
    topic = entry.topic();
    drawings = entry.drawings();
    minutes = entry.minutes();
    source = entry.source();
    medium = entry.medium();
    resource = entry.resource();
    book = entry.book();
    pages = entry.pages();
    mark = entry.mark();
    poses = entry.poses();
    study = entry.study();
    wentWrong = entry.wentWrong();
    nextTime = entry.nextTime();
    note = entry.note();
  }

  /**
   * The entry, without the blanks around its words; blank names are none.
   *
   * @throws IllegalArgumentException if it cannot be one
   */
  public Entry entry() {
    return new Entry(
        day,
        time,
        name(exerciseId),
        name(topic),
        drawings,
        minutes,
        name(source),
        name(medium),
        name(resource),
        name(book),
        pages,
        mark,
        poses,
        study,
        wentWrong.strip(),
        nextTime.strip(),
        note.strip());
  }

  private static Optional<String> name(Optional<String> text) {
    return text.map(String::strip).filter(t -> !t.isEmpty());
  }
}
