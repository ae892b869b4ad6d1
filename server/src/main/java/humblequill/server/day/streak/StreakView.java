package humblequill.server.day.streak;

import humblequill.core.day.streak.School;
import humblequill.core.day.streak.Streak;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A streak under one school of counting.
 *
 * @param own whether the learner picked this school
 * @param unit what the lengths count
 * @param todayPractised whether today counts already
 * @param todayDecides whether missing today ends the run
 * @param missesLeft days of this week that can still be missed
 * @param openDays days of this week that are still to come, today included
 * @param stillNeeded days this week lacks under a weekly rhythm; more than are open where it cannot
 *     be reached any more
 * @param forgiven misses inside the current run that did not end it
 */
public record StreakView(
    School rule,
    boolean own,
    Streak.Unit unit,
    int current,
    @Nullable LocalDate currentFrom,
    @Nullable LocalDate currentTo,
    int longest,
    @Nullable LocalDate longestFrom,
    @Nullable LocalDate longestTo,
    boolean todayPractised,
    boolean todayDecides,
    int missesLeft,
    int openDays,
    int stillNeeded,
    int forgiven) {
  static StreakView of(School rule, boolean own, Streak s) {
    var from = s.current().from();
    return new StreakView(
        rule,
        own,
        s.unit(),
        s.current().length(),
        from,
        s.current().to(),
        s.longest().length(),
        s.longest().from(),
        s.longest().to(),
        s.todayPractised(),
        s.todayDecides(),
        s.missesLeft(),
        s.openDays(),
        s.stillNeeded(),
        from == null ? 0 : (int) s.forgiven().stream().filter(d -> !d.isBefore(from)).count());
  }
}
