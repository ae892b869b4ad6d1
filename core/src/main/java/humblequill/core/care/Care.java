package humblequill.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Tells which cautions apply. The figures are common practice, no published source. */
public final class Care {
  private static final int WEEKS_COMPARED = 4;
  private static final double SUDDEN = 1.5;
  private static final int LEAST_USUAL = 60;
  private static final Set<String> DUSTY = Set.of("charcoal", "pastel");

  private Care() {}

  /**
   * The cautions of a day.
   *
   * @param today the open practice day
   * @param minutesToday minutes planned or drawn today, whichever is more
   * @param breakEvery minutes of drawing after which a break is due; 45 to 50 are usual
   * @param minutesByDay minutes of every day with an entry
   * @param media names of the media drawn with today
   */
  public static List<Caution> on(
      LocalDate today,
      int minutesToday,
      int breakEvery,
      Map<LocalDate, Integer> minutesByDay,
      Collection<String> media) {
    var cautions = new ArrayList<Caution>();
    if (minutesToday > breakEvery) {
      cautions.add(new Caution(Caution.Kind.BREAK, minutesToday, breakEvery));
    }
    int week = minutes(minutesByDay, today.minusDays(6), today);
    int before = minutes(minutesByDay, today.minusDays(6 + 7 * WEEKS_COMPARED), today.minusDays(7));
    double usual = (double) before / WEEKS_COMPARED;
    if (usual >= LEAST_USUAL && week > SUDDEN * usual) {
      cautions.add(new Caution(Caution.Kind.SUDDEN_INCREASE, week, (int) Math.round(usual)));
    }
    if (media.stream().anyMatch(DUSTY::contains)) {
      cautions.add(new Caution(Caution.Kind.DUST_AND_FUMES, 0, 0));
    }
    return List.copyOf(cautions);
  }

  /** Mean minutes a week of the four weeks before a day. */
  public static int usualWeek(LocalDate today, Map<LocalDate, Integer> minutesByDay) {
    return Math.round(
        (float) minutes(minutesByDay, today.minusDays(7 * WEEKS_COMPARED), today.minusDays(1))
            / WEEKS_COMPARED);
  }

  /** Whether a week of so many minutes is a sudden increase over the usual one. */
  public static boolean sudden(int weekMinutes, int usualMinutes) {
    return usualMinutes >= LEAST_USUAL && weekMinutes > SUDDEN * usualMinutes;
  }

  private static int minutes(Map<LocalDate, Integer> minutesByDay, LocalDate from, LocalDate to) {
    int sum = 0;
    for (var day = from; !day.isAfter(to); day = day.plusDays(1)) {
      sum += minutesByDay.getOrDefault(day, 0);
    }
    return sum;
  }
}
