package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.streak.PenLine;
import humblequill.core.ground.message.Message;
import humblequill.core.lookback.RunsInOrder;
import humblequill.server.book.BooksOfYear;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.streak.StreakService;
import humblequill.server.day.streak.StreakView;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.QuotaService;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A year as one line, and the runs of all years. */
@Service
class Years {
  private final WeekGround ground;
  private final StreakService streaks;
  private final PlacementService placements;
  private final QuotaService quotas;
  private final SettingsService settings;
  private final BooksOfYear booksOfYear;

  Years(
      WeekGround ground,
      StreakService streaks,
      PlacementService placements,
      QuotaService quotas,
      SettingsService settings,
      BooksOfYear booksOfYear) {
    this.booksOfYear = booksOfYear;
    this.ground = ground;
    this.streaks = streaks;
    this.placements = placements;
    this.quotas = quotas;
    this.settings = settings;
  }

  /** What a mark on the line stands for. */
  enum Happening {
    /** A sketchbook was begun. */
    BOOK,
    /** A course was begun. */
    COURSE,
    /** A promise was begun. */
    PROMISE,
    /** A pause. */
    PAUSE
  }

  /**
   * Something that began on a day.
   *
   * @param to its last day; null for what only begins
   * @param keptPrivate whether it is a book that is; a printed year does not name it
   */
  record YearMark(
      Happening kind, String name, LocalDate from, @Nullable LocalDate to, boolean keptPrivate) {
    private YearMark(Happening kind, String name, LocalDate from, @Nullable LocalDate to) {
      this(kind, name, from, to, false);
    }
  }

  /** A month of the line. */
  record MonthView(YearMonth month, int minutes, int drawings, List<PenLine.Stroke> strokes) {}

  /**
   * A year.
   *
   * @param years all years with entries
   * @param filled books that were filled in it
   */
  record YearView(
      int year,
      List<Integer> years,
      int minutes,
      int drawings,
      int days,
      List<MonthView> months,
      List<YearMark> marks,
      FilledBooksView filled) {}

  /**
   * Books that were filled.
   *
   * @param quarters how many in each quarter
   * @param papers what their paper came to, by currency
   */
  record FilledBooksView(List<Integer> quarters, List<PaperCostView> papers) {}

  /** What the paper of some books came to; null without a page, or without a minute. */
  record PaperCostView(
      String currency, int books, @Nullable BigDecimal perPage, @Nullable BigDecimal perHour) {}

  /** One year. */
  @Transactional(readOnly = true)
  public YearView read(int year) {
    if (year < 1900 || year > 2200) {
      throw Refusal.badValue("year", year, Message.of("lookback.noYear"));
    }
    var learner = settings.learner();
    var from = LocalDate.of(year, 1, 1);
    var to = LocalDate.of(year, 12, 31);
    var drawn = ground.drawn();
    var years = new TreeSet<Integer>();
    drawn.minutes().byDay().keySet().forEach(day -> years.add(day.getYear()));
    years.add(learner.today().getYear());
    var months = new ArrayList<MonthView>();
    var line = begun(streaks.penLine(learner, from, to));
    int begin = 0;
    for (var month = YearMonth.of(year, 1); month.getYear() == year; month = month.plusMonths(1)) {
      var entries = drawn.between(month.atDay(1), month.atEndOfMonth());
      int end = begin + month.lengthOfMonth();
      months.add(
          new MonthView(month, minutes(entries), drawings(entries), line.subList(begin, end)));
      begin = end;
    }
    var all = drawn.between(from, to);
    return new YearView(
        year,
        List.copyOf(years),
        minutes(all),
        drawings(all),
        (int) all.stream().map(Drawn::day).distinct().count(),
        months,
        marks(learner, from, to),
        filled(year));
  }

  private FilledBooksView filled(int year) {
    var filled = booksOfYear.filled(year);
    return new FilledBooksView(
        filled.quarters(),
        filled.papers().stream()
            .map(
                p ->
                    new PaperCostView(
                        p.currency(),
                        p.books(),
                        p.cost().perPage().orElse(null),
                        p.cost().perHour().orElse(null)))
            .toList());
  }

  /** Rest before anything was ever drawn is no rest. */
  private List<PenLine.Stroke> begun(List<PenLine.Stroke> line) {
    var byDay = ground.drawn().minutes().byDay();
    return line.stream()
        .map(
            s ->
                byDay.isEmpty() || s.date().isBefore(byDay.firstKey())
                    ? new PenLine.Stroke(s.date(), PenLine.Mark.GAP, 0)
                    : s)
        .toList();
  }

  private static int minutes(List<Drawn> drawn) {
    return drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
  }

  private static int drawings(List<Drawn> drawn) {
    return drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum();
  }

  private List<YearMark> marks(Learner learner, LocalDate from, LocalDate to) {
    var marks = new ArrayList<YearMark>();
    Map<String, LocalDate> books = new LinkedHashMap<>();
    ground.drawn().all().forEach(d -> d.book().ifPresent(b -> books.putIfAbsent(b, d.day())));
    var keptPrivate = booksOfYear.keptPrivate();
    books.forEach(
        (book, day) ->
            marks.add(new YearMark(Happening.BOOK, book, day, null, keptPrivate.contains(book))));
    for (var placed : placements.all()) {
      marks.add(
          new YearMark(
              Happening.COURSE,
              placed.placement().course().title(),
              placed.placement().start(),
              placed.placement().end()));
    }
    for (var line : quotas.all()) {
      marks.add(new YearMark(Happening.PROMISE, line.terms().title(), line.terms().start(), null));
    }
    for (var pause : learner.availability().pauses()) {
      marks.add(new YearMark(Happening.PAUSE, pause.reason(), pause.from(), pause.to()));
    }
    return marks.stream()
        .filter(m -> !m.from().isAfter(to) && !(m.to() == null ? m.from() : m.to()).isBefore(from))
        .sorted(Comparator.comparing(YearMark::from))
        .toList();
  }

  /**
   * When a course will end.
   *
   * @param share mean share of the planned minutes that its weeks brought
   * @param early by which it ends with 10 %; null while too few weeks are over
   * @param middle with 50 %
   * @param late with 90 %; null beyond what can be told
   */
  record CourseEndView(
      String title,
      LocalDate byPlan,
      int ownWeeks,
      double share,
      @Nullable LocalDate early,
      @Nullable LocalDate middle,
      @Nullable LocalDate late) {}

  /** The end of the course in front; empty without one under way. */
  @Transactional(readOnly = true)
  public Optional<CourseEndView> end() {
    var learner = settings.learner();
    return ground
        .course(learner, learner.today())
        .flatMap(
            course ->
                ground
                    .end(course, learner)
                    .map(
                        e ->
                            new CourseEndView(
                                course.placement().course().title(),
                                e.byPlan(),
                                e.ownWeeks(),
                                e.share(),
                                e.early().orElse(null),
                                e.middle().orElse(null),
                                e.late().orElse(null))));
  }

  /** Runs under all three schools. */
  @Transactional(readOnly = true)
  public List<RunsView> runs() {
    var learner = settings.learner();
    return streaks.all(learner).stream()
        .map(
            s ->
                new RunsView(
                    s,
                    RunsInOrder.of(
                            streaks.runs(learner, s.rule()),
                            ground.drawn().minutes(),
                            learner.availability().pauses())
                        .stream()
                        .map(
                            r ->
                                new LongRunView(
                                    r.run().length(), r.run().from(), r.run().to(), r.before()))
                        .toList()))
        .toList();
  }

  /** Runs by one school of counting: as they stand, and the longest in order of time. */
  record RunsView(StreakView streak, List<LongRunView> longest) {}

  /**
   * A long run.
   *
   * @param before what lay between the long run before and this one; of the first one nothing
   */
  record LongRunView(int length, LocalDate from, LocalDate to, RunsInOrder.Gap before) {}
}
