package humblequill.server.day;

import humblequill.core.day.streak.PenLine;
import humblequill.server.day.entry.EntryView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One day's page.
 *
 * @param today the open practice day
 * @param mark what became of the day by the learner's own rule
 * @param rest whether it is a planned rest day
 * @param pause reason of the pause it lies in; null outside pauses
 * @param drawnMinutes minutes of its entries, estimated where not told
 * @param drawnDrawings drawings of its entries
 * @param entries its entries in the order they were drawn
 * @param weeks the week of each course followed that it lies in
 */
public record DayView(
    LocalDate day,
    LocalDate today,
    PenLine.Mark mark,
    boolean rest,
    @Nullable String pause,
    int drawnMinutes,
    int drawnDrawings,
    List<EntryView> entries,
    List<WeekOfDay> weeks) {
  /**
   * A week of a course.
   *
   * @param number its number in the course; null for a detour
   */
  public record WeekOfDay(
      UUID placement, String course, String key, @Nullable Integer number, String title) {}
}
