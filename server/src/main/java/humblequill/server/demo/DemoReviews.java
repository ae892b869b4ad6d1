package humblequill.server.demo;

import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.name.NameKind;
import humblequill.core.lookback.OfferedChange;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.lookback.MonthLetters;
import humblequill.server.lookback.Reviews;
import humblequill.server.topic.coverage.ToldTopics;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What the made-up learner wrote when looking back, and which changes followed from it. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoReviews {
  /** What was thought of a week, and what was expected of the next, the oldest first. */
  private static final List<List<String>> LETTERS =
      List.of(
          List.of("Lines all over. The hand is stiffer than I remembered.", "It gets looser."),
          List.of("Looser, as hoped. Boxes still lean.", "Boxes will stand."),
          List.of("They stand when I go slowly, and only then.", "Slow again."),
          List.of("Slow worked. Ellipses next to boxes confuse me.", "Ellipses will be hard."),
          List.of("They were. Ten a day helped.", "Cylinders should follow from them."),
          List.of("They did.", "First hulls: exciting, and wobbly."),
          List.of("Wobbly. The far side is always too wide.", "More of the same, with patience."),
          List.of("The far side would not turn. One week is not enough for it.", "Two weeks now."),
          List.of("Better. The sheer is too flat all the time.", "I will look at the sheer first."),
          List.of("Looked first, drew it flat all the same.", "Shade will hide nothing."),
          List.of("Shade shows every wrong turn. Good to know.", "In bed with a cold, probably."),
          List.of("A short week and no harm done.", "Masts and ropes."),
          List.of("Ropes are drawn by their shadows. Who knew.", "Water. I am afraid of it."),
          List.of("Water is easy while it is calm.", "Quay walls will be dull."),
          List.of(
              "They were not: the light does it all.", "Steps will be quick; the crane will not."));

  /** The same of months. */
  private static final List<List<String>> MONTHS =
      List.of(
          List.of(
              "A month of boxes and first hulls. What helped was going slowly, ten of a kind.",
              "Hulls that turn."),
          List.of(
              "The hulls turn now. A week in bed cost less than I feared; light and shade came on"
                  + " its own after that.",
              "Out on the quay, whatever the weather."));

  private static final int MORE_GULLS = 50;

  private final Reviews reviews;
  private final PlacementService placements;
  private final ToldTopics topics;
  private final NameService names;

  private final MonthLetters months;

  DemoReviews(
      Reviews reviews,
      PlacementService placements,
      ToldTopics topics,
      NameService names,
      MonthLetters months) {
    this.months = months;
    this.reviews = reviews;
    this.placements = placements;
    this.topics = topics;
    this.names = names;
  }

  void write(Learner learner) {
    var running = Weeks.startOf(learner.today(), learner.weekStart());
    var first = running.minusDays(7L * (LETTERS.size() + 1));
    for (int i = 0; i < LETTERS.size(); i++) {
      var from = first.plusDays(7L * i);
      var letter = LETTERS.get(i);
      reviews.keep(from, null, letter.get(0), letter.get(1), Reviews.State.CLOSED);
    }
    for (int i = 0; i < MONTHS.size(); i++) {
      var month = Weeks.monthOf(running).minusMonths(MONTHS.size() + 1L - i).atDay(1);
      months.keep(month, null, MONTHS.get(i).get(0), MONTHS.get(i).get(1));
    }
    taken(learner);
    topics.weak(names.idOf(NameKind.TOPIC, "gulls"), running.minusDays(10), MORE_GULLS);
  }

  /** The last day of the newest week that is looked back on already. */
  static LocalDate lastClosedSunday(Learner learner) {
    return Weeks.startOf(learner.today(), learner.weekStart()).minusDays(8);
  }

  /** Changes of the plan that followed from the letter of the week they were decided in. */
  private void taken(Learner learner) {
    for (var placed : placements.all()) {
      for (var decision : placed.decisions()) {
        for (var change : decision.changes()) {
          var from = Weeks.startOf(decision.madeOn(), learner.weekStart());
          offered(change, placed.placement())
              .ifPresent(o -> reviews.remember(from, o, placed.id(), decision.id()));
        }
      }
    }
  }

  private static Optional<OfferedChange> offered(PlanChange change, Placement plan) {
    if (change instanceof PlanChange.Stretch stretch) {
      var title = plan.week(stretch.week()).map(w -> w.week().title()).orElse("");
      return Optional.of(
          new OfferedChange.Stretch(title, stretch.week(), stretch.days(), 0.58, 0.64));
    }
    if (change instanceof PlanChange.Add add) {
      return Optional.of(new OfferedChange.WarmUp("lines", "gesture", add.week(), 5, 0.44, 0.5));
    }
    return Optional.empty();
  }
}
