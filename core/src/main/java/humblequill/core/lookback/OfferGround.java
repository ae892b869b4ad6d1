package humblequill.core.lookback;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.topic.coverage.RustAhead;
import java.util.List;
import java.util.Optional;

/**
 * What offered changes follow from.
 *
 * @param week the figures of the week
 * @param planned what courses gave it
 * @param before share of the planned minutes drawn in the week before; empty without a plan then
 * @param held the week of the course that ended with it, if one did
 * @param remarks what was said again
 * @param rusty what the weeks to come need and is rusty
 * @param missing what the weeks to come need and was never drawn
 * @param ahead the week of the course that comes next
 * @param weekday a weekday on which other minutes than planned are drawn
 * @param dayToSpare whether one more rest day a week leaves enough to draw on, by the learner's
 *     school of counting
 * @param order the order of the day that suits, where it is not the present one
 * @param teacher a resource on the shelf for the week that comes next
 * @param freePercent kept for drawing freely
 * @param rustyBelow freshness below which a topic is rusty
 */
public record OfferGround(
    WeekFigures week,
    List<PlannedExercise> planned,
    Optional<Double> before,
    Optional<Held> held,
    List<SaidAgain> remarks,
    List<RustAhead.Needed> rusty,
    List<Missing> missing,
    Optional<PlacedWeek> ahead,
    Optional<WeekdayMinutes> weekday,
    boolean dayToSpare,
    Optional<OrderThatSuits> order,
    Optional<Teacher> teacher,
    int freePercent,
    double rustyBelow) {
  public OfferGround {
    planned = List.copyOf(planned);
    remarks = List.copyOf(remarks);
    rusty = List.copyOf(rusty);
    missing = List.copyOf(missing);
  }

  /**
   * A week of a course that is over.
   *
   * @param answers whether what was to be looked for was found, entry by entry
   */
  public record Held(String week, String title, List<LookedFor> answers) {
    public Held {
      answers = List.copyOf(answers);
    }
  }

  /**
   * A topic that was never drawn.
   *
   * @param neededFor the topic of the week that stands on it
   * @param week key of that week
   */
  public record Missing(String topic, String neededFor, String week) {}

  /** A resource that teaches a topic. */
  public record Teacher(String resource, String topic) {}
}
