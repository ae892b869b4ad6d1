package humblequill.server.review;

import humblequill.core.review.WeekSeries;
import humblequill.server.streak.StreakView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Months and years looked back on. */
@RestController
@RequestMapping("/api/look-back")
class LookBackController {
  private final Months months;
  private final Years years;
  private final BeforeAfter subjects;

  LookBackController(Months months, Years years, BeforeAfter subjects) {
    this.subjects = subjects;
    this.months = months;
    this.years = years;
  }

  /** Figures from week to week with their trends and phases. */
  @GetMapping("/series")
  List<Months.SeriesView> series() {
    return months.read();
  }

  /** Gives a phase a name. */
  @PutMapping("/phases")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void call(@RequestBody @Valid NamedPhase phase) {
    months.call(phase.figure(), phase.from(), phase.name());
  }

  /** A year as one line. */
  @GetMapping("/years/{year}")
  Years.YearView year(@PathVariable int year) {
    return years.read(year);
  }

  /** Subjects that courses ask for more than once. */
  @GetMapping("/subjects")
  List<BeforeAfter.SubjectView> subjects() {
    return subjects.read();
  }

  /** When the main course will really end; null without one under way. */
  @GetMapping("/course-end")
  CourseEndAnswer end() {
    return new CourseEndAnswer(years.end().orElse(null));
  }

  /** The end of the main course; null without one under way. */
  record CourseEndAnswer(Years.@Nullable CourseEndView end) {}

  /** Runs under all three schools of counting. */
  @GetMapping("/runs")
  List<StreakView> runs() {
    return years.runs();
  }

  /** A phase and its name; an empty one takes the name away. */
  record NamedPhase(
      WeekSeries.@NotNull Figure figure,
      @NotNull LocalDate from,
      @NotNull @Size(max = 120) String name) {}
}
