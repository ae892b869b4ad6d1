package humblequill.server.lookback;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.OfferedChangeCases;
import java.time.DayOfWeek;

/** An {@link OfferedChange} as it is told; its figures mean the same there. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ToldOffer.OfferMoreOf.class, name = "MORE_OF"),
  @JsonSubTypes.Type(value = ToldOffer.OfferWarmUp.class, name = "WARM_UP"),
  @JsonSubTypes.Type(value = ToldOffer.OfferAim.class, name = "AIM"),
  @JsonSubTypes.Type(value = ToldOffer.OfferFreeShare.class, name = "FREE_SHARE"),
  @JsonSubTypes.Type(value = ToldOffer.OfferStretch.class, name = "STRETCH"),
  @JsonSubTypes.Type(value = ToldOffer.OfferLess.class, name = "LESS"),
  @JsonSubTypes.Type(value = ToldOffer.OfferRepeat.class, name = "REPEAT"),
  @JsonSubTypes.Type(value = ToldOffer.OfferDetour.class, name = "DETOUR"),
  @JsonSubTypes.Type(value = ToldOffer.OfferMinutes.class, name = "MINUTES"),
  @JsonSubTypes.Type(value = ToldOffer.OfferOrder.class, name = "ORDER"),
  @JsonSubTypes.Type(value = ToldOffer.OfferResource.class, name = "RESOURCE")
})
sealed interface ToldOffer {
  /** The offer as it is told. */
  static ToldOffer of(OfferedChange offer) {
    return offer.match(TOLD);
  }

  /** More drawings of a topic. */
  record OfferMoreOf(String topic, String exercise, int drawings, int drawn, int planned)
      implements ToldOffer {}

  /** A warm-up for a rusty topic. */
  record OfferWarmUp(String topic, String neededFor, int minutes, double freshness)
      implements ToldOffer {}

  /** What to look for in the next sittings. */
  record OfferAim(String remark, int times, int before) implements ToldOffer {}

  /** Another part of each day kept for drawing freely. */
  record OfferFreeShare(int percent, double drawn, double kept) implements ToldOffer {}

  /** More days for the coming week. */
  record OfferStretch(String title, int days, double drawn, double before) implements ToldOffer {}

  /** Less work in the coming week. */
  record OfferLess(String title, int minutes, double drawn, double before) implements ToldOffer {}

  /** A week once more. */
  record OfferRepeat(String title, double found, int answers) implements ToldOffer {}

  /** A week for a topic that was never drawn. */
  record OfferDetour(String topic, String neededFor) implements ToldOffer {}

  /** Other minutes on a weekday. */
  record OfferMinutes(DayOfWeek day, int minutes, double drawn, int planned) implements ToldOffer {}

  /** Another order of work in a day. */
  record OfferOrder(DayOrder order, double marks, double otherwise) implements ToldOffer {}

  /** A resource next. */
  record OfferResource(String resource, String topic) implements ToldOffer {}

  OfferedChangeCases<ToldOffer> TOLD =
      new OfferedChangeCases<>() {
        @Override
        public ToldOffer moreOf(OfferedChange.MoreOf o) {
          return new OfferMoreOf(o.topic(), o.exercise(), o.drawings(), o.drawn(), o.planned());
        }

        @Override
        public ToldOffer warmUp(OfferedChange.WarmUp o) {
          return new OfferWarmUp(o.topic(), o.neededFor(), o.minutes(), o.freshness());
        }

        @Override
        public ToldOffer aim(OfferedChange.Aim o) {
          return new OfferAim(o.remark(), o.times(), o.before());
        }

        @Override
        public ToldOffer freeShare(OfferedChange.FreeShare o) {
          return new OfferFreeShare(o.percent(), o.drawn(), o.kept());
        }

        @Override
        public ToldOffer stretch(OfferedChange.Stretch o) {
          return new OfferStretch(o.title(), o.days(), o.drawn(), o.before());
        }

        @Override
        public ToldOffer less(OfferedChange.Less o) {
          return new OfferLess(o.title(), o.minutes(), o.drawn(), o.before());
        }

        @Override
        public ToldOffer repeat(OfferedChange.Repeat o) {
          return new OfferRepeat(o.title(), o.found(), o.answers());
        }

        @Override
        public ToldOffer detour(OfferedChange.Detour o) {
          return new OfferDetour(o.topic(), o.neededFor());
        }

        @Override
        public ToldOffer minutes(OfferedChange.Minutes o) {
          return new OfferMinutes(o.day(), o.minutes(), o.drawn(), o.planned());
        }

        @Override
        public ToldOffer order(OfferedChange.Order o) {
          return new OfferOrder(o.order(), o.marks(), o.otherwise());
        }

        @Override
        public ToldOffer resource(OfferedChange.Resource o) {
          return new OfferResource(o.resource(), o.topic());
        }
      };
}
