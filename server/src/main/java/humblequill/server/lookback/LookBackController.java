package humblequill.server.lookback;

import humblequill.core.ground.name.Name;
import humblequill.core.lookback.WeekSeries.Figure;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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
  private final SittingsLookedBack sittings;
  private final OwnSubjects own;
  private final PhaseBoundaries boundaries;
  private final CoursesAhead ahead;

  LookBackController(
      Months months,
      Years years,
      BeforeAfter subjects,
      SittingsLookedBack sittings,
      OwnSubjects own,
      PhaseBoundaries boundaries,
      CoursesAhead ahead) {
    this.own = own;
    this.boundaries = boundaries;
    this.ahead = ahead;
    this.sittings = sittings;
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

  /** Says where the phases of a figure begin. */
  @PutMapping("/phases/boundaries")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void part(@RequestBody @Valid OwnBoundaries own) {
    boundaries.set(own.figure(), own.weeks());
  }

  /** Marks that fell when something new was taken up. */
  @GetMapping("/dips")
  List<Months.DipView> dips() {
    return months.dips();
  }

  /** Entries that a subject can be made of by hand. */
  @GetMapping("/pictured")
  List<OwnSubjects.PicturedEntry> pictured() {
    return own.pictured();
  }

  /** Lays drawings of a subject beside one another. */
  @PutMapping("/subjects/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lay(@PathVariable UUID id, @RequestBody @Valid LaidSubject subject) {
    own.lay(id, subject.title(), subject.entries());
  }

  @DeleteMapping("/subjects/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeApart(@PathVariable UUID id) {
    own.remove(id, true);
  }

  @PostMapping("/subjects/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void layAgain(@PathVariable UUID id) {
    own.remove(id, false);
  }

  /** What would make the main course's end true again. */
  @GetMapping("/course-end/back")
  CoursesAhead.BackView back() {
    return ahead.back();
  }

  /** Courses laid into a year; nothing is kept. */
  @PostMapping("/year-ahead")
  CoursesAhead.YearAheadView yearAhead(@RequestBody @Valid WantedYear wanted) {
    return ahead.year(wanted.courses());
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

  /** What suits the learner in sittings. */
  @GetMapping("/sittings")
  SittingsLookedBack.SittingsView sittings() {
    return sittings.read();
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
  List<Years.RunsView> runs() {
    return years.runs();
  }

  /**
   * Where the phases of a figure begin.
   *
   * @param weeks first days of weeks; null leaves it to the figures again
   */
  record OwnBoundaries(
      @NotNull Figure figure, @Nullable @Size(max = 40) List<@NotNull LocalDate> weeks) {}

  /** Drawings of one subject. */
  record LaidSubject(
      @NotBlank @Size(max = Name.MAX_TEXT) String title,
      @NotNull @Size(min = 1, max = OwnSubjects.MOST) List<@NotNull UUID> entries) {}

  /** Courses that are to fill a year. */
  record WantedYear(
      @NotNull @Size(min = 1, max = 12) List<CoursesAhead.@Valid @NotNull WantedCourse> courses) {}

  /** A phase and its name; an empty one takes the name away. */
  record NamedPhase(
      @NotNull Figure figure, @NotNull LocalDate from, @NotNull @Size(max = 120) String name) {}
}
