package humblequill.core.lookback;

import humblequill.core.course.plan.DayOrder;
import java.time.DayOfWeek;
import java.util.Optional;

/**
 * A change that follows from what a week shows. Nothing changes before the learner says so. Weeks
 * are named by their keys; shares are parts of 1.
 */
public sealed interface OfferedChange {
  /** What is to be said, done or kept of it, by its kind. */
  <T> T match(OfferedChangeCases<T> cases);

  /** Names an offer within its week. */
  String key();

  /** The week that it gives more time or less work, if it does one of them. */
  default Optional<String> relieves() {
    return Optional.empty();
  }

  /**
   * Whether another one has no place beside it: it is the same, or the other way out of too much
   * work in the same week.
   */
  default boolean settles(OfferedChange other) {
    return key().equals(other.key())
        || relieves().isPresent() && relieves().equals(other.relieves());
  }

  /**
   * More drawings of a topic.
   *
   * @param exercise that was not met
   * @param week that gets them
   * @param drawings how many more, as many as were left
   * @param secondsEach seconds of one drawing
   * @param drawn how many were drawn of those planned
   */
  record MoreOf(
      String topic,
      String exercise,
      String week,
      int drawings,
      int secondsEach,
      int drawn,
      int planned)
      implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.moreOf(this);
    }

    @Override
    public String key() {
      return "MORE_OF " + topic;
    }
  }

  /**
   * A warm-up for a rusty topic.
   *
   * @param neededFor the topic that stands on it
   * @param week that gets it
   * @param freshness of the topic, 0 to 1
   * @param rustyBelow the freshness it is below
   */
  record WarmUp(
      String topic, String neededFor, String week, int minutes, double freshness, double rustyBelow)
      implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.warmUp(this);
    }

    @Override
    public String key() {
      return "WARM_UP " + topic;
    }
  }

  /**
   * What to look for in the next sittings.
   *
   * @param remark that was said again
   * @param times how often in the week
   * @param before how often in the weeks before
   */
  record Aim(String remark, int times, int before) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.aim(this);
    }

    @Override
    public String key() {
      return "AIM " + remark;
    }
  }

  /**
   * Another part of each day kept for drawing freely.
   *
   * @param percent kept then
   * @param drawn the share that was drawn freely
   * @param kept the share that is kept now
   */
  record FreeShare(int percent, double drawn, double kept) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.freeShare(this);
    }

    @Override
    public String key() {
      return "FREE_SHARE ";
    }
  }

  /**
   * More days for the coming week.
   *
   * @param title of the week
   * @param days its new length
   * @param drawn the share of the planned minutes that was drawn
   * @param before the same of the week before
   */
  record Stretch(String title, String week, int days, double drawn, double before)
      implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.stretch(this);
    }

    @Override
    public String key() {
      return "STRETCH " + title;
    }

    @Override
    public Optional<String> relieves() {
      return Optional.of(week);
    }
  }

  /**
   * Less work in the coming week.
   *
   * @param title of the week
   * @param minutes that go
   * @param drawn the share of the planned minutes that was drawn
   * @param before the same of the week before
   */
  record Less(String title, String week, int minutes, double drawn, double before)
      implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.less(this);
    }

    @Override
    public String key() {
      return "LESS " + title;
    }

    @Override
    public Optional<String> relieves() {
      return Optional.of(week);
    }
  }

  /**
   * A week once more.
   *
   * @param title of the week
   * @param found the share of the answers that say that what was to be looked for was found; one
   *     that says partly counts for half
   * @param answers how many these are
   */
  record Repeat(String title, String week, double found, int answers) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.repeat(this);
    }

    @Override
    public String key() {
      return "REPEAT " + title;
    }
  }

  /**
   * A week for a topic that was never drawn.
   *
   * @param neededFor the topic that stands on it
   * @param week before which it comes
   */
  record Detour(String topic, String neededFor, String week) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.detour(this);
    }

    @Override
    public String key() {
      return "DETOUR " + topic;
    }
  }

  /**
   * Other minutes on a weekday.
   *
   * @param week that comes next
   * @param minutes then; 0 makes it a rest day
   * @param drawn minutes on it, the mean
   * @param planned minutes now
   */
  record Minutes(DayOfWeek day, String week, int minutes, double drawn, int planned)
      implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.minutes(this);
    }

    @Override
    public String key() {
      return "MINUTES " + day;
    }
  }

  /**
   * Another order of work in a day.
   *
   * @param marks mean mark of lessons and studies in it
   * @param otherwise the same in the present one
   */
  record Order(DayOrder order, double marks, double otherwise) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.order(this);
    }

    @Override
    public String key() {
      return "ORDER " + order;
    }
  }

  /**
   * A resource next, since nothing that is read now teaches a topic of the coming week.
   *
   * @param topic that it teaches
   */
  record Resource(String resource, String topic) implements OfferedChange {
    @Override
    public <T> T match(OfferedChangeCases<T> cases) {
      return cases.resource(this);
    }

    @Override
    public String key() {
      return "RESOURCE " + resource;
    }
  }
}
