package humblequill.server.review;

import humblequill.core.calendar.WeekPattern;
import humblequill.core.name.NameKind;
import humblequill.core.placement.PlacedCourse;
import humblequill.core.plan.DayOrder;
import humblequill.core.review.LessWork;
import humblequill.core.review.OfferedChange;
import humblequill.core.review.Offers;
import humblequill.server.name.NameService;
import humblequill.server.placement.PlacementService;
import humblequill.server.plan.ChangeService;
import humblequill.server.plan.ChangeToMake;
import humblequill.server.plan.PreviewView;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import humblequill.server.shelf.ShelfService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What offered changes would do, what makes them, and what became of them. */
@Component
class Offering {
  private final OfferGrounds grounds;
  private final WeekGround ground;
  private final SaidRemarks said;
  private final ChangeService changes;
  private final PlacementService placements;
  private final SettingsService settings;
  private final ShelfService shelf;
  private final NameService names;

  Offering(
      OfferGrounds grounds,
      WeekGround ground,
      SaidRemarks said,
      ChangeService changes,
      PlacementService placements,
      SettingsService settings,
      ShelfService shelf,
      NameService names) {
    this.grounds = grounds;
    this.ground = ground;
    this.said = said;
    this.changes = changes;
    this.placements = placements;
    this.settings = settings;
    this.shelf = shelf;
    this.names = names;
  }

  /** All changes that follow from a week. */
  List<OfferedChange> of(Learner learner, LocalDate from) {
    return Offers.of(grounds.of(learner, from));
  }

  /**
   * What it would do to the plan of the course in front; empty where it changes none. A change that
   * the plan cannot take says why.
   */
  Optional<PreviewView> effect(Learner learner, OfferedChange o) {
    return course(learner)
        .flatMap(
            course ->
                switch (o.kind()) {
                  case MINUTES ->
                      Optional.of(
                          changes.preview(
                              course.id(),
                              o.week(),
                              learner.having(DayOfWeek.valueOf(o.subject()), o.amount())));
                  case FREE_SHARE ->
                      WeekGround.after(course, learner.today())
                          .map(
                              next ->
                                  changes.preview(
                                      course.id(), next.key(), learner.keepingFree(o.amount())));
                  default ->
                      change(o, course)
                          .map(c -> changes.preview(course.id(), o.week(), List.of(c)));
                });
  }

  /**
   * Makes a change.
   *
   * @param id of the decision that it may make
   * @return the course whose plan it changed; empty where it changed no plan
   */
  Optional<UUID> make(Learner learner, OfferedChange o, UUID id) {
    switch (o.kind()) {
      case FREE_SHARE -> settings.keepFree(o.amount());
      case MINUTES -> settings.planWeekday(DayOfWeek.valueOf(o.subject()), o.amount());
      case ORDER -> settings.orderDays(DayOrder.valueOf(o.subject()));
      case RESOURCE ->
          names
              .names()
              .find(NameKind.RESOURCE, o.subject())
              .ifPresent(name -> shelf.takeUpNext(name.id()));
      default -> {
        // The rest is a matter of the plan, or of the words that are kept.
      }
    }
    var course = course(learner);
    var change = course.flatMap(c -> change(o, c));
    change.ifPresent(c -> changes.change(id, course.get().id(), List.of(c), reason(o)));
    return change.flatMap(c -> course).map(PlacedCourse::id);
  }

  private Optional<PlacedCourse> course(Learner learner) {
    return ground.course(learner, learner.today());
  }

  /** A change of the plan as it is asked for; empty where an offer changes no plan. */
  private static Optional<ChangeToMake> change(OfferedChange o, PlacedCourse course) {
    return switch (o.kind()) {
      case MORE_OF ->
          Optional.of(
              new ChangeToMake.MoreOf(o.subject(), o.amount(), o.secondsEach(), List.of(o.week())));
      case WARM_UP -> Optional.of(new ChangeToMake.WarmUp(o.week(), o.subject(), o.amount()));
      case STRETCH -> Optional.of(new ChangeToMake.Stretch(o.week(), o.amount()));
      case REPEAT -> Optional.of(new ChangeToMake.Repeat(o.week()));
      case DETOUR -> Optional.of(new ChangeToMake.DetourForTopic(o.week(), o.subject()));
      case LESS ->
          course
              .placement()
              .week(o.week())
              .map(week -> LessWork.of(week, o.amount()).units().entrySet().stream())
              .map(units -> units.map(u -> new ChangeToMake.Units(u.getKey(), u.getValue())))
              .map(units -> new ChangeToMake.DropUnits(o.week(), units.toList()));
      case AIM, FREE_SHARE, MINUTES, ORDER, RESOURCE -> Optional.empty();
    };
  }

  /** Why the plan changed, as its history tells it. */
  private static String reason(OfferedChange o) {
    return switch (o.kind()) {
      case MORE_OF ->
          "Looking back: %s, %.0f of %.0f drawn.".formatted(o.about(), o.seen(), o.against());
      case WARM_UP ->
          "Looking back: %s is rusty, and %s needs it.".formatted(o.subject(), o.about());
      case STRETCH, LESS ->
          "Looking back: %.0f %% of the planned minutes were drawn.".formatted(100 * o.seen());
      case REPEAT ->
          "Looking back: what was to be looked for was found in %.0f %% of it."
              .formatted(100 * o.seen());
      case DETOUR ->
          "Looking back: %s was never drawn, and %s needs it.".formatted(o.subject(), o.about());
      case AIM, FREE_SHARE, MINUTES, ORDER, RESOURCE -> "Looking back.";
    };
  }

  /** Whether a change that was taken still holds. */
  boolean stands(Learner learner, StoredReview.StoredTaken taken) {
    var o = taken.offer();
    return switch (o.kind()) {
      case FREE_SHARE -> settings.read().freePercent() == o.amount();
      case ORDER -> learner.dayOrder() == DayOrder.valueOf(o.subject());
      case MINUTES -> planned(learner).minutesOn(DayOfWeek.valueOf(o.subject())) == o.amount();
      default ->
          taken.decision() == null
              || taken.placement() == null
              || holds(taken.placement(), taken.decision());
    };
  }

  private static WeekPattern planned(Learner learner) {
    return learner.availability().patternOn(learner.today());
  }

  private boolean holds(UUID placement, UUID decision) {
    return placements.all().stream()
        .filter(p -> p.id().equals(placement))
        .flatMap(p -> p.decisions().stream())
        .anyMatch(d -> d.id().equals(decision) && !d.undone());
  }

  /** What was drawn, said or read of its subject in a week; 0 where that tells nothing. */
  int since(OfferedChange o, LocalDate from) {
    var until = from.plusDays(WeekGround.DAYS);
    return switch (o.kind()) {
      case MORE_OF, WARM_UP, DETOUR -> ground.drawings(o.subject(), from, until);
      case AIM -> said.count(o.subject(), from);
      case MINUTES -> ground.minutesOn(DayOfWeek.valueOf(o.subject()), from);
      case RESOURCE -> ground.minutesWith(o.subject(), from);
      case FREE_SHARE, STRETCH, LESS, REPEAT, ORDER -> 0;
    };
  }
}
