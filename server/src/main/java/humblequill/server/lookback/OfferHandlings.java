package humblequill.server.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.lookback.LessWork;
import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.OfferedChangeCases;
import humblequill.server.course.plan.ChangeService;
import humblequill.server.course.plan.ChangeToMake;
import humblequill.server.course.plan.PreviewView;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.ShelfService;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import org.springframework.stereotype.Component;

/** What is done with offered changes, kind by kind. */
@Component
class OfferHandlings implements OfferedChangeCases<OfferHandling> {
  private static final ToIntFunction<LocalDate> TELLS_NOTHING = from -> 0;

  private final WeekGround ground;
  private final SaidRemarks said;
  private final ChangeService changes;
  private final SettingsService settings;
  private final ShelfService shelf;
  private final NameService names;

  OfferHandlings(
      WeekGround ground,
      SaidRemarks said,
      ChangeService changes,
      SettingsService settings,
      ShelfService shelf,
      NameService names) {
    this.ground = ground;
    this.said = said;
    this.changes = changes;
    this.settings = settings;
    this.shelf = shelf;
    this.names = names;
  }

  @Override
  public OfferHandling moreOf(OfferedChange.MoreOf o) {
    var change =
        new ChangeToMake.MoreOf(o.topic(), o.drawings(), o.secondsEach(), List.of(o.week()));
    var reason =
        Message.of(
            "lookback.fewDrawn",
            "exercise",
            o.exercise(),
            "drawn",
            o.drawn(),
            "planned",
            o.planned());
    return ofPlan(o.week(), change, reason, drawings(o.topic()));
  }

  @Override
  public OfferHandling warmUp(OfferedChange.WarmUp o) {
    var change = new ChangeToMake.WarmUp(o.week(), o.topic(), o.minutes());
    var reason = Message.of("lookback.rusty", "topic", o.topic(), "neededFor", o.neededFor());
    return ofPlan(o.week(), change, reason, drawings(o.topic()));
  }

  @Override
  public OfferHandling aim(OfferedChange.Aim o) {
    return new OfferHandling(
        (course, learner) -> Optional.empty(),
        () -> {
          // The words that are kept are all of it.
        },
        Optional.empty(),
        learner -> true,
        from -> said.count(o.remark(), from));
  }

  @Override
  public OfferHandling freeShare(OfferedChange.FreeShare o) {
    return ofSettings(
        (course, learner) ->
            WeekGround.after(course, learner.today())
                .map(
                    next ->
                        changes.preview(course.id(), next.key(), learner.keepingFree(o.percent()))),
        () -> settings.keepFree(o.percent()),
        learner -> settings.read().work().freePercent() == o.percent(),
        TELLS_NOTHING);
  }

  @Override
  public OfferHandling stretch(OfferedChange.Stretch o) {
    return ofPlan(
        o.week(),
        new ChangeToMake.Stretch(o.week(), o.days()),
        ofPlannedMinutes(o.drawn()),
        TELLS_NOTHING);
  }

  @Override
  public OfferHandling less(OfferedChange.Less o) {
    Function<PlacedCourse, Optional<ChangeToMake>> change =
        course ->
            course
                .placement()
                .week(o.week())
                .map(week -> LessWork.of(week, o.minutes()).units().entrySet().stream())
                .map(units -> units.map(u -> new ChangeToMake.Units(u.getKey(), u.getValue())))
                .map(units -> new ChangeToMake.DropUnits(o.week(), units.toList()));
    return ofPlan(o.week(), change, ofPlannedMinutes(o.drawn()), TELLS_NOTHING);
  }

  @Override
  public OfferHandling repeat(OfferedChange.Repeat o) {
    var reason = Message.of("lookback.foundShare", "percent", Math.round(100 * o.found()));
    return ofPlan(o.week(), new ChangeToMake.Repeat(o.week()), reason, TELLS_NOTHING);
  }

  @Override
  public OfferHandling detour(OfferedChange.Detour o) {
    var change = new ChangeToMake.DetourForTopic(o.week(), o.topic());
    var reason = Message.of("lookback.neverDrawn", "topic", o.topic(), "neededFor", o.neededFor());
    return ofPlan(o.week(), change, reason, drawings(o.topic()));
  }

  @Override
  public OfferHandling minutes(OfferedChange.Minutes o) {
    return ofSettings(
        (course, learner) ->
            Optional.of(
                changes.preview(course.id(), o.week(), learner.having(o.day(), o.minutes()))),
        () -> settings.planWeekday(o.day(), o.minutes()),
        learner -> learner.week().minutesOn(o.day()) == o.minutes(),
        from -> ground.minutesOn(o.day(), from));
  }

  @Override
  public OfferHandling order(OfferedChange.Order o) {
    return ofSettings(
        (course, learner) -> Optional.empty(),
        () -> settings.orderDays(o.order()),
        learner -> learner.work().order() == o.order(),
        TELLS_NOTHING);
  }

  @Override
  public OfferHandling resource(OfferedChange.Resource o) {
    return new OfferHandling(
        (course, learner) -> Optional.empty(),
        () ->
            names
                .names()
                .find(NameKind.RESOURCE, o.resource())
                .ifPresent(name -> shelf.takeUpNext(name.id())),
        Optional.empty(),
        learner -> true,
        from -> ground.minutesWith(o.resource(), from));
  }

  private static OfferHandling ofSettings(
      BiFunction<PlacedCourse, Learner, Optional<PreviewView>> effect,
      Runnable taken,
      Predicate<Learner> stands,
      ToIntFunction<LocalDate> since) {
    return new OfferHandling(effect, taken, Optional.empty(), stands, since);
  }

  private OfferHandling ofPlan(
      String week, ChangeToMake change, Message reason, ToIntFunction<LocalDate> since) {
    return ofPlan(week, course -> Optional.of(change), reason, since);
  }

  private OfferHandling ofPlan(
      String week,
      Function<PlacedCourse, Optional<ChangeToMake>> change,
      Message reason,
      ToIntFunction<LocalDate> since) {
    return new OfferHandling(
        (course, learner) ->
            change.apply(course).map(c -> changes.preview(course.id(), week, List.of(c))),
        () -> {
          // The change of the plan is all of it.
        },
        Optional.of(new OfferHandling.Planned(change, reason)),
        learner -> true,
        since);
  }

  private ToIntFunction<LocalDate> drawings(String topic) {
    return from -> ground.drawings(topic, from, from.plusDays(WeekGround.DAYS));
  }

  private static Message ofPlannedMinutes(double drawn) {
    return Message.of("lookback.plannedMinutes", "percent", Math.round(100 * drawn));
  }
}
