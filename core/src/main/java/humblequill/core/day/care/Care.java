package humblequill.core.day.care;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.name.MediumProperty;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/** Tells which cautions apply. The figures are common practice, no published source. */
public final class Care {
  private static final int WEEKS_COMPARED = 4;
  private static final double SUDDEN = 1.5;
  private static final int LEAST_USUAL = 60;

  private Care() {}

  /**
   * A medium that was drawn with today.
   *
   * @param again whether it was drawn with in the four weeks before as well
   */
  public record Medium(Set<MediumProperty> properties, boolean again) {
    private boolean breathed() {
      return properties.contains(MediumProperty.DUSTY)
          || properties.contains(MediumProperty.SOLVENT);
    }

    private boolean sharpenedAnew() {
      return properties.contains(MediumProperty.NEEDS_BLADE) && !again;
    }
  }

  /**
   * The cautions of a day.
   *
   * @param today the open practice day
   * @param minutesToday minutes planned or drawn today, whichever is more
   * @param breakEvery minutes of drawing after which a break is due; 45 to 50 are usual
   * @param minutes minutes drawn by day
   * @param media what was drawn with today
   */
  public static List<Caution> on(
      LocalDate today, int minutesToday, int breakEvery, Tally minutes, Collection<Medium> media) {
    var cautions = new ArrayList<Caution>();
    if (minutesToday > breakEvery) {
      cautions.add(new Caution(Caution.Kind.BREAK, minutesToday, breakEvery));
    }
    int week = minutes.between(today.minusDays(6), today);
    double usual = mean(today.minusDays(6), minutes);
    if (sudden(week, usual)) {
      cautions.add(new Caution(Caution.Kind.SUDDEN_INCREASE, week, (int) Math.round(usual)));
    }
    if (media.stream().anyMatch(Medium::breathed)) {
      cautions.add(new Caution(Caution.Kind.DUST_AND_FUMES, 0, 0));
    }
    if (media.stream().anyMatch(Medium::sharpenedAnew)) {
      cautions.add(new Caution(Caution.Kind.BLADE, 0, 0));
    }
    return List.copyOf(cautions);
  }

  /** First day of the four weeks that a day is compared with. */
  public static LocalDate comparedFrom(LocalDate day) {
    return day.minusWeeks(WEEKS_COMPARED);
  }

  /**
   * Mean minutes a week of the four weeks before a day; 0 while less than these is on record, as
   * nobody can tell what was usual then.
   */
  public static int usualWeek(LocalDate day, Tally minutes) {
    return (int) Math.round(mean(day, minutes));
  }

  private static double mean(LocalDate day, Tally minutes) {
    if (minutes.byDay().isEmpty() || minutes.byDay().firstKey().isAfter(comparedFrom(day))) {
      return 0;
    }
    return (double) minutes.between(comparedFrom(day), day.minusDays(1)) / WEEKS_COMPARED;
  }

  /** Whether a week of so many minutes is a sudden increase over the usual one. */
  private static boolean sudden(int weekMinutes, double usualMinutes) {
    return usualMinutes >= LEAST_USUAL && weekMinutes > SUDDEN * usualMinutes;
  }

  /**
   * Whether new work of so many minutes a week makes the week a sudden increase.
   *
   * @param onTop whether it comes on top of the usual week, or may take its place
   */
  public static boolean suddenWith(int newMinutes, int usualMinutes, boolean onTop) {
    return sudden(
        onTop ? newMinutes + usualMinutes : Math.max(newMinutes, usualMinutes), usualMinutes);
  }
}
