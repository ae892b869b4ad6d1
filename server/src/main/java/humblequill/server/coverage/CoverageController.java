package humblequill.server.coverage;

import humblequill.core.entry.Depth;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
      @RequestParam(required = false) @Nullable @Size(max = 120) String facet) {
    return views.read(topic, facet);
  }

  /** Keeps what the learner tells of a topic. */
  @PutMapping("/coverage/{topic}")
  TopicView tell(@PathVariable UUID topic, @RequestBody @Valid ToldTopic told) {
    views.tell(topic, told.depth(), told.weakDrawings());
    return views.read(topic, null);
  }

  /**
   * What the learner tells of a topic.
   *
   * @param depth the depth reached; null to leave it to the entries
   * @param weakDrawings how many more drawings are wished for since it feels weak; null where it
   *     does not
   */
  record ToldTopic(@Nullable Depth depth, @Nullable @Min(1) @Max(200) Integer weakDrawings) {}

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
  record WarmUpFields(@NotNull @Size(max = 120) String topic, boolean imagined) {}
}
