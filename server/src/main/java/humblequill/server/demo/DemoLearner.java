package humblequill.server.demo;

import humblequill.core.course.plan.DayOrder;
import humblequill.core.day.streak.School;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.ground.settings.Settings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Wren Tallow, who does not exist: the settings, words and habits of the demo. */
final class DemoLearner {
  /**
   * Days before today on which the course began: sixteen whole weeks, one of them stretched to
   * fourteen days, and half of the next.
   */
  static final int DAYS_BEFORE = 17 * 7 + 3;

  /** The days, counted from the first, that illness took. */
  static final Set<Integer> ILL = Set.of(52, 53, 54, 55, 56);

  /** What is counted beside the drawings. */
  static final String OWN_FIGURE = "restated lines";

  private DemoLearner() {}

  static Settings settings(LocalDate today, String zone) {
    var start = today.minusDays(DAYS_BEFORE);
    var week =
        Arrays.stream(DayOfWeek.values())
            .map(
                d ->
                    new Settings.Weekday(
                        d, d == DayOfWeek.SATURDAY ? 110 : 70, d == DayOfWeek.SUNDAY))
            .toList();
    var dayMinutes = new ArrayList<Settings.DayMinutes>();
    if (today.getDayOfWeek() == DayOfWeek.SUNDAY) {
      dayMinutes.add(new Settings.DayMinutes(today, 70));
    }
    return new Settings(
        0,
        true,
        "Draw hulls and water of a working harbour in ink, on the spot, without a pencil line first.",
        new Settings.TimeSettings(
            zone,
            DayOfWeek.MONDAY,
            3,
            week,
            dayMinutes,
            List.of(),
            List.of(
                new Settings.PauseSpan(
                    start.plusDays(52), start.plusDays(56), "in bed with a cold"))),
        new Settings.CountingSettings(School.NEVER_TWICE, 5, 0, OWN_FIGURE),
        new Settings.WorkSettings(10, false, 20, DayOrder.LESSON_FIRST),
        new Settings.TopicSettings(45, 70, 50, true),
        new Settings.LookSettings("en-GB", Settings.Theme.SYSTEM));
  }

  static List<Name> names() {
    return List.of(
        name(NameKind.BOOK, "Harbour book 1", "harbour one"),
        name(NameKind.BOOK, "Harbour book 2", "harbour two"),
        name(NameKind.BOOK, "Harbour book 3", "harbour book", "harbour three"),
        name(NameKind.RESOURCE, "Ropes, plainly drawn", "rope book"),
        name(NameKind.RESOURCE, "Boats from keel to rail", "keel book"),
        name(NameKind.RESOURCE, "The patient eye", "eye course"),
        name(NameKind.RESOURCE, "Quay photographs, own folder", "quay photos"),
        name(NameKind.RESOURCE, "Model dinghy on the shelf", "model dinghy"),
        name(NameKind.TOPIC, "harbour cats", "cats"));
  }

  private static Name name(NameKind kind, String text, String... spellings) {
    return new Name(
        Name.given(kind, text), kind, text, List.of(spellings), Set.of(), Optional.empty());
  }
}
