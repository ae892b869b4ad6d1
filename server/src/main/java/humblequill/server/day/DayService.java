package humblequill.server.day;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.ground.calendar.Pause;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.streak.StreakService;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Assembles the page of any day. */
@Service
class DayService {
  private final SettingsService settings;
  private final EntryService entries;
  private final StreakService streaks;
  private final PlacementService placements;

  DayService(
      SettingsService settings,
      EntryService entries,
      StreakService streaks,
      PlacementService placements) {
    this.settings = settings;
    this.entries = entries;
    this.streaks = streaks;
    this.placements = placements;
  }

  @Transactional(readOnly = true)
  DayView day(LocalDate day) {
    var learner = settings.learner();
    var drawn = entries.on(day);
    return new DayView(
        day,
        learner.today(),
        streaks.penLine(learner, day, day).get(0).mark(),
        learner.availability().isRest(day),
        learner.availability().pauseOn(day).map(Pause::reason).orElse(null),
        drawn.stream().mapToInt(EntryView::minutesOrEstimate).sum(),
        drawn.stream()
            .map(e -> e.fields().drawings())
            .filter(Objects::nonNull)
            .mapToInt(n -> n)
            .sum(),
        drawn,
        placements.followed().stream().flatMap(p -> week(p, day)).toList());
  }

  private static Stream<DayView.WeekOfDay> week(PlacedCourse placed, LocalDate day) {
    var placement = placed.placement();
    return placement.weekOn(day).stream()
        .map(
            week ->
                new DayView.WeekOfDay(
                    placed.id(),
                    placement.course().title(),
                    week.key(),
                    week.number().orElse(null),
                    week.week().title()));
  }
}
