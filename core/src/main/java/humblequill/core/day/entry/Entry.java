package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What was drawn. At least one of drawings, minutes, exercise, topic and note is there; all else is
 * optional.
 *
 * @param day the practice day
 * @param time when, if the learner says so
 * @param exerciseId exercise of the course, if it belongs to one
 * @param topic topic by name, where no exercise fits
 * @param drawings how many, 1 to 9999
 * @param minutes how long, 1 to 1440
 * @param source what was drawn from, by name
 * @param medium what was drawn with, by name
 * @param resource what was learned from, by name
 * @param book the sketchbook, by name
 * @param pages pages of the book
 * @param mark the learner's own mark, 1 to 5
 * @param poses timed poses, may be none
 * @param study what it tells of learning
 * @param wentWrong what went wrong, may be empty
 * @param nextTime what to do next time, may be empty
 * @param note all else, may be empty
 */
public record Entry(
    LocalDate day,
    Optional<LocalTime> time,
    Optional<String> exerciseId,
    Optional<String> topic,
    Optional<Integer> drawings,
    Optional<Integer> minutes,
    Optional<String> source,
    Optional<String> medium,
    Optional<String> resource,
    Optional<String> book,
    Optional<PageSpan> pages,
    Optional<Integer> mark,
    Poses poses,
    Study study,
    String wentWrong,
    String nextTime,
    String note) {
  /** The most drawings in one entry. */
  public static final int MAX_DRAWINGS = 9999;

  /** The most minutes in one entry: a whole day. */
  public static final int MAX_MINUTES = 1440;

  /** The longest text of one field, in characters. */
  public static final int MAX_TEXT = 2000;

  public Entry {
    Objects.requireNonNull(day, "day");
    Objects.requireNonNull(poses, "poses");
    check("drawings", drawings, MAX_DRAWINGS);
    check("minutes", minutes, MAX_MINUTES);
    check("mark", mark, 5);
    if (exerciseId.isPresent() && topic.isPresent()) {
      throw new InvalidException(Message.of("day.exerciseOrTopic"));
    }
    if (drawings.isEmpty()
        && minutes.isEmpty()
        && exerciseId.isEmpty()
        && topic.isEmpty()
        && note.isBlank()) {
      throw new InvalidException(Message.of("day.emptyEntry"));
    }
  }

  /** The names that it says, by their kind. */
  public Map<NameKind, String> names() {
    var names = new EnumMap<NameKind, String>(NameKind.class);
    topic.ifPresent(t -> names.put(NameKind.TOPIC, t));
    source.ifPresent(s -> names.put(NameKind.SOURCE, s));
    medium.ifPresent(m -> names.put(NameKind.MEDIUM, m));
    resource.ifPresent(r -> names.put(NameKind.RESOURCE, r));
    book.ifPresent(b -> names.put(NameKind.BOOK, b));
    return names;
  }

  /** The same with its names as they are called now. */
  public Entry called(Names names) {
    var draft = new EntryDraft(this);
    draft.topic = called(names, NameKind.TOPIC, draft.topic);
    draft.source = called(names, NameKind.SOURCE, draft.source);
    draft.medium = called(names, NameKind.MEDIUM, draft.medium);
    draft.resource = called(names, NameKind.RESOURCE, draft.resource);
    draft.book = called(names, NameKind.BOOK, draft.book);
    draft.study = study.called(names);
    return draft.entry();
  }

  private static Optional<String> called(Names names, NameKind kind, Optional<String> text) {
    return text.map(t -> names.called(kind, t));
  }

  private static void check(String field, Optional<Integer> value, int most) {
    value.ifPresent(
        v -> {
          if (v < 1 || v > most) {
            throw new InvalidException(
                Message.of("day.fieldWithin", "field", field, "most", most, "value", v));
          }
        });
  }
}
