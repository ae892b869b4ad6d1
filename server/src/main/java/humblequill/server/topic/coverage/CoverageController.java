package humblequill.server.topic.coverage;

import humblequill.core.day.entry.Depth;
import humblequill.core.ground.name.Name;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class CoverageController {
  private final CoverageService coverage;
  private final TopicViews views;
  private final TopicsToday today;
  private final WarmUps warmUps;
  private final CourseTopics courseTopics;

  CoverageController(
      CoverageService coverage,
      TopicViews views,
      TopicsToday today,
      WarmUps warmUps,
      CourseTopics courseTopics) {
    this.courseTopics = courseTopics;
    this.coverage = coverage;
    this.views = views;
    this.today = today;
    this.warmUps = warmUps;
  }

  /** Topics against weeks. */
  @GetMapping("/coverage")
  CoverageView read(
      @RequestParam(defaultValue = "COURSE") CoverageView.Window window,
      @RequestParam(defaultValue = "false") boolean all) {
    return coverage.read(window, all);
  }

  /** One topic. */
  @GetMapping("/coverage/{topic}")
  TopicView topic(
      @PathVariable UUID topic,
      @RequestParam(required = false) @Nullable @Size(max = Name.MAX_TEXT) String facet) {
    return views.read(topic, facet);
  }

  /** Keeps how deep a topic is reached. */
  @PutMapping("/coverage/{topic}/depth")
  TopicView reach(@PathVariable UUID topic, @RequestBody @Valid ReachedDepth reached) {
    views.reach(topic, reached.depth());
    return views.read(topic, null);
  }

  /** Keeps that a topic feels weak. */
  @PutMapping("/coverage/{topic}/weak")
  TopicView weak(@PathVariable UUID topic, @RequestBody @Valid FeelsWeak weak) {
    views.weak(topic, weak);
    return views.read(topic, null);
  }

  /** Keeps that a topic feels weak no longer. */
  @DeleteMapping("/coverage/{topic}/weak")
  TopicView better(@PathVariable UUID topic) {
    views.better(topic);
    return views.read(topic, null);
  }

  /**
   * How deep a topic is reached.
   *
   * @param depth null to leave it to the entries
   */
  record ReachedDepth(@Nullable Depth depth) {}

  /**
   * That a topic feels weak.
   *
   * @param drawings how many more are wished for
   * @param since the day on which that was told; null for today
   */
  record FeelsWeak(@NotNull @Min(1) @Max(200) Integer drawings, @Nullable LocalDate since) {}

  /** A course by its topics, with those of one week. */
  @GetMapping("/course-topics/{placement}/{week}")
  CourseTopics.TopicsOfCourse courseTopics(
      @PathVariable UUID placement, @PathVariable @Size(max = 80) String week) {
    return courseTopics.read(placement, week);
  }

  /** Puts a warm-up into today. */
  @PutMapping("/warm-ups/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putWarmUp(@PathVariable UUID id, @RequestBody @Valid WarmUpFields warmUp) {
    today.put(id, warmUp.topic(), warmUp.imagined());
  }

  /** Takes a warm-up out. */
  @DeleteMapping("/warm-ups/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeWarmUp(@PathVariable UUID id) {
    warmUps.remove(id);
  }

  /** A warm-up to put in. */
  record WarmUpFields(@NotNull @Size(max = Name.MAX_TEXT) String topic, boolean imagined) {}
}
