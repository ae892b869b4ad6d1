package humblequill.server.demo;

import humblequill.core.logline.WordKind;
import humblequill.core.plan.DayOrder;
import humblequill.server.settings.Settings;
import humblequill.server.words.Words;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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
        zone,
        "en-GB",
        DayOfWeek.MONDAY,
        3,
        Settings.StreakChoice.NEVER_TWICE,
        5,
        0,
        10,
        20,
        DayOrder.LESSON_FIRST,
        Settings.Theme.SYSTEM,
        week,
        dayMinutes,
        List.of(),
        List.of(
            new Settings.PauseSpan(start.plusDays(52), start.plusDays(56), "in bed with a cold")));
  }

  static List<Words.OwnWord> words() {
    return List.of(
        word(WordKind.BOOK, "Harbour book 1", "harbour one"),
        word(WordKind.BOOK, "Harbour book 2", "harbour two"),
        word(WordKind.BOOK, "Harbour book 3", "harbour book", "harbour three"),
        word(WordKind.RESOURCE, "Ropes, plainly drawn", "rope book"),
        word(WordKind.RESOURCE, "Boats from keel to rail", "keel book"),
        word(WordKind.RESOURCE, "The patient eye", "eye course"),
        word(WordKind.RESOURCE, "Quay photographs, own folder", "quay photos"),
        word(WordKind.RESOURCE, "Model dinghy on the shelf", "model dinghy"),
        word(WordKind.TOPIC, "harbour cats", "cats"));
  }

  private static Words.OwnWord word(WordKind kind, String name, String... spellings) {
    return new Words.OwnWord(kind, name, List.of(spellings));
  }
}
