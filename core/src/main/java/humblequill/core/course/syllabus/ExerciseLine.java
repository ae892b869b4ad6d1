package humblequill.core.course.syllabus;

import humblequill.core.course.ExerciseKind;
import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.Units;
import humblequill.core.day.logline.LogLine;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * One exercise of a course, read from a line as the log line reads it. What the line leaves out is
 * proposed and said to be so.
 *
 * @param line as written
 * @param drawings empty where minutes are asked for
 * @param secondsEach of one drawing; 60 where minutes are asked for
 * @param minutes empty where drawings are asked for
 * @param proposed what the line does not say
 */
public record ExerciseLine(
    String line,
    String title,
    ExerciseKind kind,
    Optional<Integer> drawings,
    int secondsEach,
    Optional<Integer> minutes,
    Optional<String> source,
    Optional<String> topic,
    Optional<String> resource,
    Set<Proposed> proposed) {
  private static final int MINUTE = 60;
  private static final int SITTING = 15;
  private static final int QUICK = 120;
  private static final int MANY = 10;
  private static final int LONGEST_TITLE = 120;

  /** What can be proposed. */
  public enum Proposed {
    COUNT,
    LENGTH,
    TOPIC
  }

  /**
   * Reads a line.
   *
   * @param week title of its week, from which a topic is proposed
   */
  public static ExerciseLine of(
      String line, String week, LogLine reader, LocalDate day, OwnFigures own) {
    var text = line.length() > LogLine.MAX_LENGTH ? line.substring(0, LogLine.MAX_LENGTH) : line;
    var draft = reader.read(text, day).drafts().get(0);
    var proposed = EnumSet.noneOf(Proposed.class);
    var topic = draft.topic;
    if (topic.isEmpty() && draft.resource.isEmpty()) {
      topic = own.topicOf(week);
      if (topic.isPresent()) {
        proposed.add(Proposed.TOPIC);
      }
    }
    int each = each(draft, topic, own, proposed);
    var minutes =
        draft.drawings.isPresent()
            ? Optional.<Integer>empty()
            : minutes(draft, topic, own, proposed);
    return new ExerciseLine(
        line,
        title(draft, text),
        kind(draft, each),
        draft.drawings,
        minutes.isPresent() ? MINUTE : each,
        minutes,
        draft.source,
        topic,
        draft.resource,
        Set.copyOf(proposed));
  }

  /** The smallest share worth sitting down for, in units. */
  public int chunk() {
    return minutes.map(m -> Math.min(m, SITTING)).orElse(1);
  }

  private static int each(
      EntryDraft draft, Optional<String> topic, OwnFigures own, Set<Proposed> proposed) {
    if (draft.drawings.isEmpty()) {
      return MINUTE;
    }
    if (!draft.poses.isEmpty()) {
      return Math.max(1, (int) (draft.poses.seconds() / draft.poses.count()));
    }
    if (draft.minutes.isPresent()) {
      return Math.max(1, Math.round((float) draft.minutes.get() * MINUTE / draft.drawings.get()));
    }
    proposed.add(Proposed.LENGTH);
    return own.secondsEach(topic);
  }

  private static Optional<Integer> minutes(
      EntryDraft draft, Optional<String> topic, OwnFigures own, Set<Proposed> proposed) {
    if (draft.minutes.isPresent()) {
      return draft.minutes;
    }
    proposed.add(Proposed.COUNT);
    return Optional.of(own.minutesAWeek(topic));
  }

  private static String title(EntryDraft draft, String line) {
    var said =
        draft
            .resource
            .map(r -> draft.study.units().map(u -> units(u) + " of ").orElse("") + r)
            .or(() -> draft.topic)
            .orElse(draft.note.isBlank() ? line : draft.note.lines().findFirst().orElse(line));
    var title = PlainLines.titled(said.strip());
    return title.length() > LONGEST_TITLE ? title.substring(0, LONGEST_TITLE) : title;
  }

  private static String units(Units units) {
    var unit = units.kind().name().toLowerCase(Locale.ROOT);
    return units.count() == 1
        ? unit + " " + units.from()
        : unit + "s " + units.from() + " to " + units.to();
  }

  private static ExerciseKind kind(EntryDraft draft, int each) {
    if (draft.resource.isPresent() && draft.study.units().isPresent()) {
      return ExerciseKind.LESSON;
    }
    return draft.drawings.filter(n -> n >= MANY && n <= Entry.MAX_DRAWINGS).isPresent()
            && each <= QUICK
        ? ExerciseKind.TIMED_POSES
        : ExerciseKind.STUDY;
  }
}
