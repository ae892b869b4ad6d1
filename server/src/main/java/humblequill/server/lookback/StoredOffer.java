package humblequill.server.lookback;

import humblequill.core.course.plan.DayOrder;
import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.OfferedChangeCases;
import java.time.DayOfWeek;

/**
 * An offered change as it is stored: one row of figures for all kinds, whose meaning hangs on the
 * kind. See docs/formats/stored.md.
 */
record StoredOffer(
    Kind kind,
    String subject,
    String about,
    String week,
    int amount,
    int secondsEach,
    double seen,
    double against) {

  /** The kinds by their stored words. */
  enum Kind {
    MORE_OF,
    WARM_UP,
    AIM,
    FREE_SHARE,
    STRETCH,
    LESS,
    REPEAT,
    DETOUR,
    MINUTES,
    ORDER,
    RESOURCE
  }

  static StoredOffer of(OfferedChange offer) {
    return offer.match(STORED);
  }

  OfferedChange read() {
    return switch (kind) {
      case MORE_OF ->
          new OfferedChange.MoreOf(
              subject, about, week, amount, secondsEach, (int) seen, (int) against);
      case WARM_UP -> new OfferedChange.WarmUp(subject, about, week, amount, seen, against);
      case AIM -> new OfferedChange.Aim(subject, (int) seen, (int) against);
      case FREE_SHARE -> new OfferedChange.FreeShare(amount, seen, against);
      case STRETCH -> new OfferedChange.Stretch(subject, week, amount, seen, against);
      case LESS -> new OfferedChange.Less(subject, week, amount, seen, against);
      case REPEAT -> new OfferedChange.Repeat(subject, week, seen, (int) against);
      case DETOUR -> new OfferedChange.Detour(subject, about, week);
      case MINUTES ->
          new OfferedChange.Minutes(DayOfWeek.valueOf(subject), week, amount, seen, (int) against);
      case ORDER -> new OfferedChange.Order(DayOrder.valueOf(subject), seen, against);
      case RESOURCE -> new OfferedChange.Resource(subject, about);
    };
  }

  private static final OfferedChangeCases<StoredOffer> STORED =
      new OfferedChangeCases<>() {
        @Override
        public StoredOffer moreOf(OfferedChange.MoreOf o) {
          return new StoredOffer(
              Kind.MORE_OF,
              o.topic(),
              o.exercise(),
              o.week(),
              o.drawings(),
              o.secondsEach(),
              o.drawn(),
              o.planned());
        }

        @Override
        public StoredOffer warmUp(OfferedChange.WarmUp o) {
          return new StoredOffer(
              Kind.WARM_UP,
              o.topic(),
              o.neededFor(),
              o.week(),
              o.minutes(),
              0,
              o.freshness(),
              o.rustyBelow());
        }

        @Override
        public StoredOffer aim(OfferedChange.Aim o) {
          return new StoredOffer(Kind.AIM, o.remark(), "", "", 0, 0, o.times(), o.before());
        }

        @Override
        public StoredOffer freeShare(OfferedChange.FreeShare o) {
          return new StoredOffer(Kind.FREE_SHARE, "", "", "", o.percent(), 0, o.drawn(), o.kept());
        }

        @Override
        public StoredOffer stretch(OfferedChange.Stretch o) {
          return new StoredOffer(
              Kind.STRETCH, o.title(), "", o.week(), o.days(), 0, o.drawn(), o.before());
        }

        @Override
        public StoredOffer less(OfferedChange.Less o) {
          return new StoredOffer(
              Kind.LESS, o.title(), "", o.week(), o.minutes(), 0, o.drawn(), o.before());
        }

        @Override
        public StoredOffer repeat(OfferedChange.Repeat o) {
          return new StoredOffer(
              Kind.REPEAT, o.title(), "", o.week(), 0, 0, o.found(), o.answers());
        }

        @Override
        public StoredOffer detour(OfferedChange.Detour o) {
          return new StoredOffer(Kind.DETOUR, o.topic(), o.neededFor(), o.week(), 0, 0, 0, 0);
        }

        @Override
        public StoredOffer minutes(OfferedChange.Minutes o) {
          return new StoredOffer(
              Kind.MINUTES, o.day().name(), "", o.week(), o.minutes(), 0, o.drawn(), o.planned());
        }

        @Override
        public StoredOffer order(OfferedChange.Order o) {
          return new StoredOffer(
              Kind.ORDER, o.order().name(), "", "", 0, 0, o.marks(), o.otherwise());
        }

        @Override
        public StoredOffer resource(OfferedChange.Resource o) {
          return new StoredOffer(Kind.RESOURCE, o.resource(), o.topic(), "", 0, 0, 0, 0);
        }
      };
}
