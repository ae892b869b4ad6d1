package humblequill.core.review;

import humblequill.core.coverage.RustAhead;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A change of the plan that follows from what a week shows. Nothing changes before the learner says
 * so. Limits are common practice, no published source.
 *
 * @param kind what would change
 * @param subject topic, remark or title of a week that it is about
 * @param about why: the exercise that was not met, or the topic that stands on it; may be empty
 * @param week key of the week it changes; empty where it changes none
 * @param amount drawings, minutes, percent or days, by kind
 * @param secondsEach seconds of one drawing; 0 where none are asked for
 * @param seen the figure it follows from
 * @param against what that figure is held against
 */
public record OfferedChange(
    Kind kind,
    String subject,
    String about,
    String week,
    int amount,
    int secondsEach,
    double seen,
    double against) {
  /** What would change. */
  public enum Kind {
    /** So many more drawings of a topic; {@code seen} of {@code against} were drawn. */
    MORE_OF,
    /** A warm-up of so many minutes; {@code seen} is its freshness, below {@code against}. */
    WARM_UP,
    /** The aim of the next sittings; said {@code seen} times, {@code against} times before. */
    AIM,
    /** Percent kept for drawing freely; {@code seen} was drawn so, of {@code against} kept. */
    FREE_SHARE,
    /** So many days for the coming week; {@code seen} of the planned minutes were drawn. */
    STRETCH
  }

  private static final int MOST_UNMET = 2;
  private static final int LEAST_LEFT = 2;
  private static final int MOST_RUSTY = 2;
  private static final int WARM_UP_MINUTES = 5;
  private static final int SAID_OFTEN = 3;
  private static final int MORE_FREE = 10;
  private static final int MOST_FREE = 50;
  private static final int LEAST_FREE_MINUTES = 120;
  private static final double LITTLE = 0.7;
  private static final int MOST_DAYS = 7;

  /** Names an offer within its week. */
  public String key() {
    return kind + " " + subject;
  }

  /** The week of the course that comes next. */
  public record Ahead(String week, String title, int days) {}

  /**
   * What offers follow from.
   *
   * @param week the figures of the week
   * @param planned what a course gave it
   * @param before share of the planned minutes drawn in the week before; empty without a plan then
   * @param remarks what was said again
   * @param rusty what the weeks to come need and is rusty
   * @param ahead the week of the course that comes next
   * @param freePercent kept for drawing freely
   * @param rustyBelow freshness below which a topic is rusty
   */
  public record Ground(
      WeekFigures week,
      List<PlannedExercise> planned,
      Optional<Double> before,
      List<SaidAgain> remarks,
      List<RustAhead.Needed> rusty,
      Optional<Ahead> ahead,
      int freePercent,
      double rustyBelow) {}

  /** All offers of a week, those that change the plan first. */
  public static List<OfferedChange> of(Ground ground) {
    var offers = new ArrayList<OfferedChange>();
    stretch(ground).ifPresent(offers::add);
    unmet(ground, offers);
    ground.rusty().stream().limit(MOST_RUSTY).forEach(r -> offers.add(warmUp(r, ground)));
    ground.remarks().stream()
        .filter(r -> r.times() > 1 || r.times() + r.before() >= SAID_OFTEN)
        .findFirst()
        .map(r -> new OfferedChange(Kind.AIM, r.words(), "", "", 0, 0, r.times(), r.before()))
        .ifPresent(offers::add);
    free(ground).ifPresent(offers::add);
    return offers;
  }

  private static void unmet(Ground ground, List<OfferedChange> offers) {
    if (ground.ahead().isEmpty()) {
      return;
    }
    var week = ground.ahead().get().week();
    ground.planned().stream()
        .filter(p -> !p.minutesCounted() && p.left() >= LEAST_LEFT && !p.topics().isEmpty())
        .sorted(
            Comparator.comparingInt((PlannedExercise p) -> p.left() * p.secondsEach()).reversed())
        .map(
            p ->
                new OfferedChange(
                    Kind.MORE_OF,
                    p.topics().get(0),
                    p.title(),
                    week,
                    p.left(),
                    p.secondsEach(),
                    p.done(),
                    p.planned()))
        .filter(o -> offers.stream().noneMatch(other -> other.key().equals(o.key())))
        .limit(MOST_UNMET)
        .forEach(offers::add);
  }

  private static OfferedChange warmUp(RustAhead.Needed rusty, Ground ground) {
    return new OfferedChange(
        Kind.WARM_UP,
        rusty.standing().topic(),
        rusty.neededFor(),
        rusty.week(),
        WARM_UP_MINUTES,
        0,
        rusty.standing().freshness().map(f -> f.value()).orElse(0.0),
        ground.rustyBelow());
  }

  private static Optional<OfferedChange> free(Ground ground) {
    var share = ground.week().freeShare();
    if (share.isEmpty()
        || ground.week().minutesOfFree() < LEAST_FREE_MINUTES
        || ground.freePercent() == 0
        || ground.freePercent() + MORE_FREE > MOST_FREE
        || share.getAsDouble() * 100 >= ground.freePercent() / 2.0) {
      return Optional.empty();
    }
    return Optional.of(
        new OfferedChange(
            Kind.FREE_SHARE,
            "",
            "",
            "",
            ground.freePercent() + MORE_FREE,
            0,
            share.getAsDouble(),
            ground.freePercent() / 100.0));
  }

  /**
   * Two weeks in a row with much less than planned: the coming one gets as much time as it took.
   */
  private static Optional<OfferedChange> stretch(Ground ground) {
    var share = share(ground.planned());
    if (ground.ahead().isEmpty()
        || share.isEmpty()
        || share.get() > LITTLE
        || ground.before().isEmpty()
        || ground.before().get() > LITTLE) {
      return Optional.empty();
    }
    var ahead = ground.ahead().get();
    double usual = Math.max(0.1, (share.get() + ground.before().get()) / 2);
    int more = (int) Math.min(MOST_DAYS, Math.ceil(ahead.days() * (1 / usual - 1)));
    return Optional.of(
        new OfferedChange(
            Kind.STRETCH,
            ahead.title(),
            "",
            ahead.week(),
            ahead.days() + more,
            0,
            share.get(),
            ground.before().get()));
  }

  /** Part of the planned minutes that was drawn, at most all of them; empty without a plan. */
  public static Optional<Double> share(List<PlannedExercise> planned) {
    double asked = 0;
    double drawn = 0;
    for (var p : planned) {
      asked += (double) p.planned() * p.secondsEach();
      drawn += (double) Math.min(p.planned(), p.done()) * p.secondsEach();
    }
    return asked == 0 ? Optional.empty() : Optional.of(drawn / asked);
  }
}
