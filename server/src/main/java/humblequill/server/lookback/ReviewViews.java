package humblequill.server.lookback;

import humblequill.core.day.streak.PracticeRecord;
import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.message.Message;
import humblequill.core.lookback.WeekFigures;
import humblequill.server.bench.Tendencies;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.topic.coverage.ToldTopics;
import humblequill.server.topic.recall.Recall;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reviews as they are read. */
@Component
class ReviewViews {
  private static final int MOST_REMARKS = 5;

  private final Reviews reviews;
  private final KeptReviews keptReviews;
  private final SaidRemarks said;
  private final WeekGround ground;
  private final SettingsService settings;
  private final SittingsLookedBack sittings;
  private final Offering offering;
  private final Tendencies tendencies;
  private final LetterFacts facts;
  private final Recall recall;
  private final ToldTopics told;

  ReviewViews(
      Reviews reviews,
      KeptReviews keptReviews,
      SaidRemarks said,
      WeekGround ground,
      SettingsService settings,
      Offering offering,
      Tendencies tendencies,
      LetterFacts facts,
      SittingsLookedBack sittings,
      Recall recall,
      ToldTopics told) {
    this.told = told;
    this.sittings = sittings;
    this.reviews = reviews;
    this.keptReviews = keptReviews;
    this.said = said;
    this.ground = ground;
    this.settings = settings;
    this.offering = offering;
    this.tendencies = tendencies;
    this.facts = facts;
    this.recall = recall;
  }

  /**
   * All weeks from the first entry on.
   *
   * @param due first day of the week that is to be looked back on now; null when none is
   * @param day weekday on which that is done
   */
  record ReviewList(@Nullable LocalDate due, DayOfWeek day, List<ReviewLine> weeks) {}

  /** A week in short. */
  record ReviewLine(
      LocalDate from,
      LocalDate to,
      int isoWeek,
      Reviews.State state,
      int minutes,
      int drawings,
      String words,
      int taken) {}

  /** All weeks, the newest first. */
  @Transactional(readOnly = true)
  public ReviewList list() {
    var learner = settings.learner();
    var lines = new ArrayList<ReviewLine>();
    var last = Weeks.startOf(learner.today(), learner.weekStart());
    var drawn = ground.drawn();
    for (var from = last; !from.isBefore(ground.firstWeek(learner)); from = from.minusDays(7)) {
      var kept = keptReviews.of(from);
      var week = drawn.between(from, from.plusDays(6));
      lines.add(
          new ReviewLine(
              from,
              from.plusDays(6),
              Weeks.numberOf(from),
              kept.map(KeptReviews.KeptReview::state).orElse(Reviews.State.OPEN),
              week.stream().mapToInt(d -> d.minutes().minutes()).sum(),
              week.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
              kept.map(r -> r.document().words()).orElse(""),
              kept.map(r -> r.document().taken().size()).orElse(0)));
    }
    return new ReviewList(reviews.due(learner).orElse(null), reviews.day(learner), lines);
  }

  /** One week. */
  @Transactional(readOnly = true)
  public ReviewView read(LocalDate from) {
    var learner = settings.learner();
    reviews.check(learner, from);
    if (from.isBefore(ground.firstWeek(learner))) {
      throw Refusal.badValue("from", from, Message.of("lookback.nothingSoEarly", "day", from));
    }
    var to = from.plusDays(WeekGround.DAYS - 1);
    var kept = keptReviews.of(from);
    var document = kept.map(KeptReviews.KeptReview::document).orElse(StoredReview.EMPTY);
    boolean fresh = Reviews.offers(learner, from);
    return new ReviewView(
        from,
        to,
        Weeks.numberOf(from),
        to.isBefore(learner.today()),
        kept.map(KeptReviews.KeptReview::state).orElse(Reviews.State.OPEN),
        kept.map(KeptReviews.KeptReview::version).orElse(null),
        learner.availability().pausesWithin(from, to),
        facts.course(learner, to),
        week(WeekFigures.of(ground.drawn(), from)),
        ground.planned(learner, from).stream().map(ReviewView.PlannedThen::of).toList(),
        run(learner, to),
        ground.newTopics(from, to),
        fresh ? rusty(learner) : List.of(),
        told.weakBefore(from, to),
        facts.read(from, to),
        recall.between(from, to),
        said.again(from).stream().limit(MOST_REMARKS).toList(),
        fresh ? tendencies.running() : List.of(),
        tendencies.changed(from, to.plusDays(1)),
        fresh ? sittings.suitingLength().orElse(null) : null,
        facts.serving(learner, to),
        keptReviews.of(from.minusDays(WeekGround.DAYS)).map(r -> r.document().expects()).orElse(""),
        document.words(),
        document.expects(),
        offers(learner, from),
        document.putAside().stream()
            .map(o -> new ReviewView.AsideView(o.key(), ToldOffer.of(o)))
            .toList(),
        document.taken().stream().map(t -> ToldOffer.of(t.offer())).toList(),
        facts.became(learner, from));
  }

  /**
   * What all this is for, and what of the last four weeks served it; null where nothing was said.
   */
  @Transactional(readOnly = true)
  public ReviewView.@Nullable Serving serving() {
    var learner = settings.learner();
    return facts.serving(learner, learner.today());
  }

  private ReviewView.WeekFacts week(WeekFigures w) {
    var drawn = w.drawn();
    var pages = facts.pages(drawn);
    return new ReviewView.WeekFacts(
        drawn.minutes(),
        drawn.told(),
        drawn.drawings(),
        drawn.days(),
        w.before().map(WeekFigures.Before::minutes).orElse(null),
        w.before().map(WeekFigures.Before::weeks).orElse(0),
        drawn.meanMark().isPresent() ? drawn.meanMark().getAsDouble() : null,
        w.freeShare().isPresent() ? w.freeShare().getAsDouble() : null,
        pages.best(),
        pages.weakest());
  }

  /** The run as it stood when the week was over, or stands now. */
  private ReviewView.RunThen run(Learner learner, LocalDate to) {
    var end = to.isBefore(learner.today()) ? to.plusDays(1) : learner.today();
    var practice =
        PracticeRecord.of(
            ground.drawn().minutes(),
            learner.counting().floorMinutes(),
            learner.availability()::isNeutral,
            end);
    var streak = learner.counting().rule().count(practice, learner.weekStart());
    return new ReviewView.RunThen(streak.current().length(), streak.unit());
  }

  private List<ReviewView.RustyAhead> rusty(Learner learner) {
    return ground.rusty(learner).stream()
        .map(
            n ->
                new ReviewView.RustyAhead(
                    n.standing().topic(), n.neededFor(), n.number().orElse(null), n.title()))
        .toList();
  }

  private List<ReviewView.OfferView> offers(Learner learner, LocalDate from) {
    return reviews.open(learner, from).stream()
        .map(
            o ->
                new ReviewView.OfferView(
                    o.key(), ToldOffer.of(o), offering.effect(learner, o).orElse(null)))
        .filter(o -> o.effect() == null || o.effect().refused() == null)
        .toList();
  }
}
