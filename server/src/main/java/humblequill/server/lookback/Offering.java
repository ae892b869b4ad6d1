package humblequill.server.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.Offers;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.course.plan.ChangeService;
import humblequill.server.course.plan.PreviewView;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What offered changes would do, what makes them, and what became of them. */
@Component
class Offering {
  private final OfferGrounds grounds;
  private final OfferHandlings handlings;
  private final WeekGround ground;
  private final ChangeService changes;
  private final PlacementService placements;

  Offering(
      OfferGrounds grounds,
      OfferHandlings handlings,
      WeekGround ground,
      ChangeService changes,
      PlacementService placements) {
    this.grounds = grounds;
    this.handlings = handlings;
    this.ground = ground;
    this.changes = changes;
    this.placements = placements;
  }

  /** All changes that follow from a week. */
  List<OfferedChange> of(Learner learner, LocalDate from) {
    return Offers.of(grounds.of(learner, from));
  }

  /**
   * What it would do to the plan of the course in front; empty where it changes none. A change that
   * the plan cannot take says why.
   */
  Optional<PreviewView> effect(Learner learner, OfferedChange offer) {
    return course(learner).flatMap(c -> offer.match(handlings).effect().apply(c, learner));
  }

  /**
   * Makes a change.
   *
   * @param id of the decision that it may make
   * @return the course whose plan it changed; empty where it changed no plan
   */
  Optional<UUID> make(Learner learner, OfferedChange offer, UUID id) {
    var handling = offer.match(handlings);
    handling.taken().run();
    return handling
        .planned()
        .flatMap(
            planned ->
                course(learner)
                    .flatMap(
                        course ->
                            planned
                                .change()
                                .apply(course)
                                .map(
                                    change -> {
                                      changes.change(
                                          id, course.id(), List.of(change), planned.reason());
                                      return course.id();
                                    })));
  }

  private Optional<PlacedCourse> course(Learner learner) {
    return ground.course(learner, learner.today());
  }

  /** Whether a change that was taken still holds. */
  boolean stands(Learner learner, StoredReview.StoredTaken taken) {
    boolean decisionHolds =
        taken.decision() == null
            || taken.placement() == null
            || holds(taken.placement(), taken.decision());
    return decisionHolds && taken.offer().match(handlings).stands().test(learner);
  }

  private boolean holds(UUID placement, UUID decision) {
    return placements.all().stream()
        .filter(p -> p.id().equals(placement))
        .flatMap(p -> p.decisions().stream())
        .anyMatch(d -> d.id().equals(decision) && !d.undone());
  }

  /** What was drawn, said or read of its subject in a week; 0 where that tells nothing. */
  int since(OfferedChange offer, LocalDate from) {
    return offer.match(handlings).since().applyAsInt(from);
  }
}
