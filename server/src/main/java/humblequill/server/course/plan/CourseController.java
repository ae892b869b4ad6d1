package humblequill.server.course.plan;

import humblequill.core.ground.message.Message;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.settings.SettingsService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/course")
class CourseController {
  private static final int MAIN_WEIGHT = 70;
  private static final int SIDE_WEIGHT = 30;

  private final CourseViews views;
  private final ChangeService changes;
  private final PlacementService placements;
  private final SettingsService settings;

  CourseController(
      CourseViews views,
      ChangeService changes,
      PlacementService placements,
      SettingsService settings) {
    this.views = views;
    this.changes = changes;
    this.placements = placements;
    this.settings = settings;
  }

  @GetMapping
  CourseView course(
      @RequestParam(required = false) @Nullable UUID placement,
      @RequestParam(required = false) @Nullable @Size(max = 80) String week) {
    return views.course(placement, week);
  }

  @PutMapping
  CourseView place(@RequestBody @Valid ToPlace place) {
    boolean side = Boolean.TRUE.equals(place.side());
    var today = settings.learner().today();
    var placed =
        placements.place(
            place.courseId(), place.start(), side, side ? SIDE_WEIGHT : MAIN_WEIGHT, today);
    return views.course(placed.id(), null);
  }

  @DeleteMapping("/{placement}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@PathVariable UUID placement) {
    placements.leave(placement);
  }

  @PutMapping("/weights")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void weigh(@RequestBody @Valid Weights weights) {
    placements.weigh(weights.weights());
  }

  @PostMapping("/{placement}/preview")
  PreviewView preview(@PathVariable UUID placement, @RequestBody @Valid ToPreview preview) {
    return changes.preview(placement, preview.week(), preview.changes());
  }

  @GetMapping("/{placement}/policies")
  List<ChangeService.PolicyView> policies(@PathVariable UUID placement) {
    return changes.policies(placement);
  }

  @PostMapping("/{placement}/changes")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(@PathVariable UUID placement, @RequestBody @Valid ToMake make) {
    changes.change(make.id(), placement, make.changes(), Message.asWritten(make.reason().strip()));
  }

  @GetMapping("/{placement}/history")
  List<HistoryLine> history(@PathVariable UUID placement) {
    return changes.history(placement);
  }

  @GetMapping("/{placement}/print")
  CourseViews.PrintedCourse print(@PathVariable UUID placement) {
    return views.printed(placement);
  }

  @DeleteMapping("/changes/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(@PathVariable UUID id) {
    changes.undo(id);
  }

  /** A course and the first day of its first week; beside the main course if so wanted. */
  record ToPlace(
      @NotBlank @Size(max = 80) String courseId,
      @NotNull LocalDate start,
      @Nullable Boolean side) {}

  /** The part of the room that a course gets beside another. */
  record Weights(@NotEmpty Map<UUID, @NotNull @Min(1) @Max(99) Integer> weights) {}

  /** Changes to look at, and the key of the week whose days are shown. */
  record ToPreview(
      @NotNull @Size(max = 80) String week,
      @NotNull @Size(max = 40) List<@Valid @NotNull ChangeToMake> changes) {}

  /** Changes to make together, under an id that the client made. */
  record ToMake(
      @NotNull UUID id,
      @NotNull @Size(min = 1, max = 40) List<@Valid @NotNull ChangeToMake> changes,
      @NotNull @Size(max = 400) String reason) {}
}
