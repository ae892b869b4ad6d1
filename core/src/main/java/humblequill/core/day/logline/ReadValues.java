package humblequill.core.day.logline;

import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.Units;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was read of a line, by field. */
final class ReadValues {
  private final Map<Phrase.Field, Object> values = new EnumMap<>(Phrase.Field.class);

  void put(Phrase.Field field, Object value) {
    values.put(field, value);
  }

  boolean has(Phrase.Field field) {
    return values.containsKey(field);
  }

  <T> Optional<T> get(Phrase.Field field, Class<T> type) {
    return Optional.ofNullable(values.get(field)).filter(type::isInstance).map(type::cast);
  }

  @SuppressWarnings("unchecked")
  List<String> facets() {
    return (List<String>) values.getOrDefault(Phrase.Field.FACET, List.of());
  }

  /** Whether there is something to log at all. */
  boolean say() {
    return values.keySet().stream()
        .anyMatch(
            f ->
                f == Phrase.Field.EXERCISE
                    || f == Phrase.Field.TOPIC
                    || f == Phrase.Field.DRAWINGS
                    || f == Phrase.Field.MINUTES
                    || f == Phrase.Field.NOTE);
  }

  /**
   * An entry of it.
   *
   * @param day its day where the line tells none
   */
  EntryDraft draft(LocalDate day) {
    var draft = new EntryDraft(get(Phrase.Field.DAY, LocalDate.class).orElse(day));
    draft.time = get(Phrase.Field.TIME, LocalTime.class);
    draft.exerciseId = get(Phrase.Field.EXERCISE, String.class);
    draft.topic = get(Phrase.Field.TOPIC, String.class);
    draft.drawings = get(Phrase.Field.DRAWINGS, Integer.class);
    draft.minutes = get(Phrase.Field.MINUTES, Integer.class);
    draft.source = get(Phrase.Field.SOURCE, String.class);
    draft.medium = get(Phrase.Field.MEDIUM, String.class);
    draft.resource = get(Phrase.Field.RESOURCE, String.class);
    draft.book = get(Phrase.Field.BOOK, String.class);
    draft.pages = get(Phrase.Field.PAGES, PageSpan.class);
    draft.poses = get(Phrase.Field.POSES, Poses.class).orElse(Poses.NONE);
    draft.mark = get(Phrase.Field.MARK, Integer.class);
    draft.study =
        new Study(
            get(Phrase.Field.UNITS, Units.class),
            get(Phrase.Field.HOW, HowUsed.class),
            facets().stream().distinct().limit(Study.MOST_FACETS).toList(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            get(Phrase.Field.OWN_FIGURE, OwnFigure.class));
    draft.wentWrong = get(Phrase.Field.WENT_WRONG, String.class).orElse("");
    draft.nextTime = get(Phrase.Field.NEXT_TIME, String.class).orElse("");
    draft.note = get(Phrase.Field.NOTE, String.class).orElse("");
    return draft;
  }
}
