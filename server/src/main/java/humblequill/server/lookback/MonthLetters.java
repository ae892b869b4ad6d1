package humblequill.server.lookback;

import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.message.Message;
import humblequill.core.lookback.SpanFigures;
import humblequill.server.bench.Tendencies;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.topic.recall.Recall;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Months looked back on, put together from their weeks. */
@Service
public class MonthLetters {
  private static final int MOST_REMARKS = 8;

  private final KeptMonths months;
  private final KeptReviews weeks;
  private final WeekGround ground;
  private final LetterFacts facts;
  private final SaidRemarks said;
  private final Tendencies tendencies;
  private final Recall recall;
  private final SettingsService settings;

  MonthLetters(
      KeptMonths months,
      KeptReviews weeks,
      WeekGround ground,
      LetterFacts facts,
      SaidRemarks said,
      Tendencies tendencies,
      Recall recall,
      SettingsService settings) {
    this.months = months;
    this.weeks = weeks;
    this.ground = ground;
    this.facts = facts;
    this.said = said;
    this.tendencies = tendencies;
    this.recall = recall;
    this.settings = settings;
  }

  /**
   * A month in short.
   *
   * @param month its first day in the calendar
   * @param from first day of its first week
   * @param to last day of its last week
   */
  record MonthLine(
      LocalDate month,
      LocalDate from,
      LocalDate to,
      int minutes,
      int drawings,
      int days,
      String words) {}

  /** All months from the first entry on, the newest first. */
  @Transactional(readOnly = true)
  public List<MonthLine> list() {
    var learner = settings.learner();
    var first = first(learner);
    return Stream.iterate(last(learner), m -> !m.isBefore(first), m -> m.minusMonths(1))
        .map(month -> line(month, learner))
        .toList();
  }

  private MonthLine line(YearMonth month, Learner learner) {
    var span = Span.of(month, learner);
    var drawn = SpanFigures.of(ground.drawn(), span.from(), span.to());
    var words = months.of(month).map(m -> m.document().words()).orElse("");
    return new MonthLine(
        month.atDay(1),
        span.from(),
        span.to(),
        drawn.minutes(),
        drawn.drawings(),
        drawn.days(),
        words);
  }

  /** The weeks of a month that have begun. */
  private record Span(List<LocalDate> weeks, LocalDate from, LocalDate to) {
    static Span of(YearMonth month, Learner learner) {
      var all = Weeks.of(month, learner.weekStart());
      return new Span(
          all.stream().filter(w -> !w.isAfter(learner.today())).toList(),
          all.get(0),
          all.get(all.size() - 1).plusDays(WeekGround.DAYS - 1));
    }
  }

  private YearMonth first(Learner learner) {
    return Weeks.monthOf(ground.firstWeek(learner));
  }

  private static YearMonth last(Learner learner) {
    return Weeks.monthOf(Weeks.startOf(learner.today(), learner.weekStart()));
  }

  private void check(LocalDate day, Learner learner) {
    var month = YearMonth.from(day);
    if (day.getDayOfMonth() != 1) {
      throw Refusal.badValue("month", day, Message.of("lookback.notFirstOfMonth", "day", day));
    }
    if (month.isAfter(last(learner))) {
      throw Refusal.badValue("month", day, Message.of("lookback.monthNotBegun", "month", month));
    }
    if (month.isBefore(first(learner))) {
      throw Refusal.badValue("month", day, Message.of("lookback.nothingSoEarly", "day", month));
    }
  }

  /** One month, by its first day in the calendar. */
  @Transactional(readOnly = true)
  public MonthLetter read(LocalDate day) {
    var learner = settings.learner();
    check(day, learner);
    var month = YearMonth.from(day);
    var span = Span.of(month, learner);
    var before = Span.of(month.minusMonths(1), learner);
    var from = span.from();
    var to = span.to();
    var kept = months.of(month);
    var planned = span.weeks().stream().flatMap(w -> ground.planned(learner, w).stream()).toList();
    return new MonthLetter(
        day,
        from,
        to,
        to.isBefore(learner.today()),
        kept.map(KeptMonths.KeptMonth::version).orElse(null),
        learner.availability().pausesWithin(from, to),
        facts(span, before, learner),
        span.weeks().stream().map(w -> week(w, learner)).toList(),
        new MonthLetter.ExercisesMet(
            (int) planned.stream().filter(p -> p.left() == 0).count(), planned.size()),
        ground.newTopics(from, to),
        facts.read(from, to),
        recall.between(from, to),
        said.again(before.from(), from, to.plusDays(1)).stream().limit(MOST_REMARKS).toList(),
        tendencies.changed(from, to.plusDays(1)),
        facts.serving(learner, to),
        span.weeks().stream().flatMap(w -> facts.became(learner, w).stream()).toList(),
        months.of(month.minusMonths(1)).map(m -> m.document().expects()).orElse(""),
        kept.map(m -> m.document().words()).orElse(""),
        kept.map(m -> m.document().expects()).orElse(""));
  }

  private MonthLetter.MonthFacts facts(Span span, Span before, Learner learner) {
    var drawn = SpanFigures.of(ground.drawn(), span.from(), span.to());
    var earlier = SpanFigures.of(ground.drawn(), before.from(), before.to());
    var pages = facts.pages(drawn);
    return new MonthLetter.MonthFacts(
        drawn.minutes(),
        drawn.told(),
        drawn.drawings(),
        drawn.days(),
        value(SpanFigures.weekly(ground.drawn(), span.weeks(), learner.today())),
        value(SpanFigures.weekly(ground.drawn(), before.weeks(), learner.today())),
        drawn.marked(),
        value(drawn.meanMark()),
        earlier.marked(),
        value(earlier.meanMark()),
        pages.best(),
        pages.weakest());
  }

  private static @Nullable Double value(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private MonthLetter.WeekOfMonth week(LocalDate from, Learner learner) {
    var to = from.plusDays(WeekGround.DAYS - 1);
    var drawn = SpanFigures.of(ground.drawn(), from, to);
    var kept = weeks.of(from);
    var document = kept.map(KeptReviews.KeptReview::document).orElse(StoredReview.EMPTY);
    return new MonthLetter.WeekOfMonth(
        from,
        to,
        drawn.minutes(),
        drawn.drawings(),
        facts.course(learner, to),
        kept.map(KeptReviews.KeptReview::state).orElse(Reviews.State.OPEN),
        document.words(),
        document.expects());
  }

  /** All that was written of months, the newest first: what was thought, then what was expected. */
  @Transactional(readOnly = true)
  public List<Reviews.Written> written() {
    return months.all().values().stream()
        .sorted(Comparator.comparing(KeptMonths.KeptMonth::from).reversed())
        .flatMap(
            m ->
                Stream.of(m.document().words(), m.document().expects())
                    .map(text -> new Reviews.Written(m.from(), text)))
        .toList();
  }

  /** Keeps what the learner makes of a month. */
  @Transactional
  public void keep(LocalDate day, @Nullable Long version, String words, String expects) {
    check(day, settings.learner());
    months.write(
        YearMonth.from(day), version, new KeptMonths.StoredMonth(words.strip(), expects.strip()));
  }
}
