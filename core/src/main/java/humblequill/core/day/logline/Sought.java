package humblequill.core.day.logline;

import humblequill.core.day.entry.PageSpan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A place in the logbook that a line names and nothing else: a day, or pages.
 *
 * @param days the days it can mean, the likelier first; none where it names pages
 * @param pages the pages
 * @param book the book they are in, where the line names one
 */
public record Sought(List<LocalDate> days, Optional<PageSpan> pages, Optional<String> book) {
  public Sought {
    days = List.copyOf(days);
  }

  /** A choice between days is labelled by them; one between words by the words. */
  private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

  /** What a line seeks; nothing where it says anything beside a day, or pages and their book. */
  static Optional<Sought> in(Interpretation line) {
    var written = line.phrases().stream().filter(p -> p.start() >= 0).toList();
    if (written.size() == 1 && written.get(0).field() == Phrase.Field.DAY) {
      var days = days(written.get(0));
      return days.isEmpty()
          ? Optional.empty()
          : Optional.of(new Sought(days, Optional.empty(), Optional.empty()));
    }
    boolean onlyPages =
        written.stream()
            .allMatch(
                p ->
                    !p.asks()
                        && (p.field() == Phrase.Field.PAGES || p.field() == Phrase.Field.BOOK));
    var draft = line.drafts().get(0);
    return onlyPages && draft.pages.isPresent()
        ? Optional.of(new Sought(List.of(), draft.pages, named(written, draft.book)))
        : Optional.empty();
  }

  private static List<LocalDate> days(Phrase day) {
    return switch (day.state()) {
      case UNDERSTOOD -> List.of(LocalDate.parse(day.value()));
      case QUESTION ->
          day.choices().stream()
              .map(Phrase.Choice::label)
              .filter(label -> DAY.matcher(label).matches())
              .map(LocalDate::parse)
              .toList();
      case ABOUT, AS_LAST_TIME, AS_PLANNED, PROBLEM -> List.of();
    };
  }

  private static Optional<String> named(List<Phrase> written, Optional<String> book) {
    return written.stream().anyMatch(p -> p.field() == Phrase.Field.BOOK) ? book : Optional.empty();
  }
}
