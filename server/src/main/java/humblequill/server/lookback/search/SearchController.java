package humblequill.server.lookback.search;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.logline.Sought;
import humblequill.core.ground.name.Fold;
import humblequill.server.book.PageSearch;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryFilter;
import humblequill.server.day.entry.EntryList;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.logline.LogLineService;
import humblequill.server.lookback.MonthLetters;
import humblequill.server.lookback.Reviews;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/search")
class SearchController {
  private static final int MOST = 30;
  private static final int MOST_PAGES = 48;

  /** Entries whose pages are looked for. */
  private static final int MOST_ENTRIES = 500;

  private final EntryService entries;
  private final PlacementService placements;
  private final LogLineService lines;
  private final PageSearch pages;
  private final Reviews reviews;
  private final MonthLetters months;

  SearchController(
      EntryService entries,
      PlacementService placements,
      LogLineService lines,
      PageSearch pages,
      Reviews reviews,
      MonthLetters months) {
    this.reviews = reviews;
    this.months = months;
    this.pages = pages;
    this.entries = entries;
    this.placements = placements;
    this.lines = lines;
  }

  @GetMapping
  Found search(@RequestParam @NotNull @Size(min = 1, max = 200) String text) {
    var words = Fold.plain(text.strip());
    var exercises =
        words.isEmpty()
            ? List.<FoundExercise>of()
            : placements.followed().stream().flatMap(c -> exercises(c, words).stream()).toList();
    var sought = words.isEmpty() ? Optional.<Sought>empty() : lines.sought(text);
    var found = entries.find(filter(text, sought), MOST);
    return new Found(
        sought.map(Sought::days).orElse(List.of()),
        exercises,
        pages.find(text, found.ids(), MOST_PAGES),
        words.isEmpty() ? List.of() : letters(words),
        found.newest());
  }

  private List<FoundLetter> letters(String words) {
    return Stream.concat(
            found(months.written(), words, true), found(reviews.written(), words, false))
        .sorted(Comparator.comparing(FoundLetter::from).reversed())
        .limit(MOST)
        .toList();
  }

  private static Stream<FoundLetter> found(
      List<Reviews.Written> written, String words, boolean ofMonth) {
    return written.stream()
        .flatMap(
            w ->
                Excerpt.of(w.text(), words)
                    .map(e -> new FoundLetter(w.from(), ofMonth, e))
                    .stream());
  }

  private static EntryFilter filter(String text, Optional<Sought> sought) {
    return sought
        .map(SearchController::filter)
        .orElseGet(() -> EntryFilter.holding(text, MOST_ENTRIES));
  }

  private static EntryFilter filter(Sought sought) {
    return sought
        .pages()
        .map(pages -> EntryFilter.on(pages, sought.book().orElse(null), MOST_ENTRIES))
        .orElseGet(() -> EntryFilter.on(sought.days().get(0), MOST_ENTRIES));
  }

  private static List<FoundExercise> exercises(PlacedCourse placed, String words) {
    return placed.placement().weeks().stream()
        .flatMap(
            week ->
                week.week().exercises().stream()
                    .filter(e -> text(e, week.week().topics()).contains(words))
                    .map(
                        e ->
                            new FoundExercise(
                                e.id(),
                                e.title(),
                                placed.id(),
                                week.key(),
                                week.number().orElse(null),
                                week.week().title())))
        .limit(MOST)
        .toList();
  }

  private static String text(Exercise e, List<String> topics) {
    return Fold.plain(
        String.join(
            "\n",
            Stream.concat(
                    Stream.of(e.title(), e.text(), e.lookFor()),
                    Stream.concat(e.alsoCalled().stream(), topics.stream()))
                .toList()));
  }

  /**
   * What was found.
   *
   * @param days days that the words name, the likelier first
   * @param exercises exercises of the courses followed
   * @param pages pages of these entries, or of which the words tell
   * @param letters what was written when looking back, newest first
   * @param entries entries, newest first: of the first of these days, or on the pages named, or
   *     that hold the words
   */
  record Found(
      List<LocalDate> days,
      List<FoundExercise> exercises,
      PageSearch.FoundPages pages,
      List<FoundLetter> letters,
      EntryList entries) {}

  /**
   * Words that were written when looking back.
   *
   * @param from first day of the week, or of the month
   * @param excerpt the words with some around them
   */
  record FoundLetter(LocalDate from, boolean ofMonth, String excerpt) {}

  /** An exercise and its week. */
  record FoundExercise(
      String exerciseId,
      String title,
      UUID placement,
      String weekKey,
      @Nullable Integer week,
      String weekTitle) {}
}
