package humblequill.core.lookback;

import humblequill.core.day.entry.LookedFor;
import humblequill.core.topic.coverage.RustAhead;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which changes follow from a week. Limits are common practice, no published source. */
public final class Offers {
  /** What is put aside is offered again in the fourth week after. */
  public static final int WEEKS_ASIDE = 4;

  private static final int MOST_UNMET = 2;
  private static final int LEAST_LEFT = 2;
  private static final int MOST_RUSTY = 2;
  private static final int WARM_UP_MINUTES = 5;
  private static final int SAID_OFTEN = 3;
  private static final int MORE_FREE = 10;
  private static final int MOST_FREE = 50;
  private static final int LEAST_FREE_MINUTES = 120;
  private static final double LITTLE = 0.7;
  private static final double LEAST_USUAL = 0.1;
  private static final int MOST_DAYS = 7;
  private static final int ENOUGH_ANSWERS = 4;
  private static final double FOUND = 0.5;

  private Offers() {}

  /** All offers of a week: those that give time first, then those that change what is drawn. */
  public static List<OfferedChange> of(OfferGround ground) {
    var offers = new ArrayList<OfferedChange>();
    stretch(ground).ifPresent(offers::add);
    less(ground).ifPresent(offers::add);
    minutes(ground).ifPresent(offers::add);
    repeat(ground).ifPresent(offers::add);
    ground.missing().stream().limit(1).map(Offers::detour).forEach(offers::add);
    unmet(ground, offers);
    ground.rusty().stream().limit(MOST_RUSTY).forEach(r -> offers.add(warmUp(r, ground)));
    ground.order().map(Offers::order).ifPresent(offers::add);
    ground.teacher().map(Offers::teacher).ifPresent(offers::add);
    ground.remarks().stream()
        .filter(r -> r.times() > 1 || r.times() + r.before() >= SAID_OFTEN)
        .findFirst()
        .map(r -> new OfferedChange.Aim(r.words(), r.times(), r.before()))
        .ifPresent(offers::add);
    free(ground).ifPresent(offers::add);
    return offers;
  }

  private static void unmet(OfferGround ground, List<OfferedChange> offers) {
    if (ground.ahead().isEmpty()) {
      return;
    }
    var week = ground.ahead().get().key();
    ground.planned().stream()
        .filter(p -> !p.minutesCounted() && p.left() >= LEAST_LEFT && !p.topics().isEmpty())
        .sorted(
            Comparator.comparingInt((PlannedExercise p) -> p.left() * p.secondsEach()).reversed())
        .map(
            p ->
                new OfferedChange.MoreOf(
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

  private static OfferedChange warmUp(RustAhead.Needed rusty, OfferGround ground) {
    return new OfferedChange.WarmUp(
        rusty.standing().topic(),
        rusty.neededFor(),
        rusty.week(),
        WARM_UP_MINUTES,
        rusty.standing().freshness().map(f -> f.value()).orElse(0.0),
        ground.rustyBelow());
  }

  private static OfferedChange detour(OfferGround.Missing missing) {
    return new OfferedChange.Detour(missing.topic(), missing.neededFor(), missing.week());
  }

  /** No day becomes a rest day that the school of counting needs. */
  private static Optional<OfferedChange> minutes(OfferGround ground) {
    return ground
        .weekday()
        .filter(w -> w.instead() > 0 || ground.dayToSpare())
        .flatMap(
            w ->
                ground
                    .ahead()
                    .map(
                        week ->
                            new OfferedChange.Minutes(
                                w.day(), week.key(), w.instead(), w.drawn(), w.planned())));
  }

  private static OfferedChange order(OrderThatSuits order) {
    return new OfferedChange.Order(order.order(), order.marks(), order.otherwise());
  }

  private static OfferedChange teacher(OfferGround.Teacher teacher) {
    return new OfferedChange.Resource(teacher.resource(), teacher.topic());
  }

  private static Optional<OfferedChange> free(OfferGround ground) {
    var share = ground.week().freeShare();
    if (share.isEmpty()
        || ground.week().minutesOfFree() < LEAST_FREE_MINUTES
        || ground.freePercent() == 0
        || ground.freePercent() + MORE_FREE > MOST_FREE
        || share.getAsDouble() * 100 >= ground.freePercent() / 2.0) {
      return Optional.empty();
    }
    return Optional.of(
        new OfferedChange.FreeShare(
            ground.freePercent() + MORE_FREE, share.getAsDouble(), ground.freePercent() / 100.0));
  }

  /**
   * Two weeks in a row with much less than planned: the coming one gets as much time as it took.
   */
  private static Optional<OfferedChange> stretch(OfferGround ground) {
    return usual(ground)
        .map(
            usual -> {
              var ahead = ground.ahead().orElseThrow();
              int more = (int) Math.min(MOST_DAYS, Math.ceil(ahead.days() * (1 / usual - 1)));
              return new OfferedChange.Stretch(
                  ahead.week().title(),
                  ahead.key(),
                  ahead.days() + more,
                  share(ground.planned()).orElseThrow(),
                  ground.before().orElseThrow());
            });
  }

  /** The same in less work: as much of it as was drawn of late. */
  private static Optional<OfferedChange> less(OfferGround ground) {
    return usual(ground)
        .flatMap(
            usual -> {
              var ahead = ground.ahead().orElseThrow();
              var less = LessWork.of(ahead, LessWork.minutes(ahead) * (1 - usual));
              return less.isNothing()
                  ? Optional.empty()
                  : Optional.of(
                      new OfferedChange.Less(
                          ahead.week().title(),
                          ahead.key(),
                          less.minutes(),
                          share(ground.planned()).orElseThrow(),
                          ground.before().orElseThrow()));
            });
  }

  /** The share of planned minutes that is drawn of late, where that was little two weeks long. */
  private static Optional<Double> usual(OfferGround ground) {
    var share = share(ground.planned());
    boolean little =
        ground.ahead().isPresent()
            && share.filter(s -> s <= LITTLE).isPresent()
            && ground.before().filter(s -> s <= LITTLE).isPresent();
    return little
        ? Optional.of(Math.max(LEAST_USUAL, (share.get() + ground.before().get()) / 2))
        : Optional.empty();
  }

  /** What was to be looked for was found in less than half of the drawings: once more. */
  private static Optional<OfferedChange> repeat(OfferGround ground) {
    return ground
        .held()
        .filter(h -> h.answers().size() >= ENOUGH_ANSWERS && found(h.answers()) < FOUND)
        .map(
            h ->
                new OfferedChange.Repeat(
                    h.title(), h.week(), found(h.answers()), h.answers().size()));
  }

  private static double found(List<LookedFor> answers) {
    return answers.stream().mapToDouble(LookedFor::found).average().orElse(1);
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
