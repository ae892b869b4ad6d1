package humblequill.server.topic.recall;

import humblequill.core.ground.name.Name;
import humblequill.core.topic.recall.Judging;
import humblequill.server.topic.recall.Recall.Way;
import humblequill.server.topic.recall.ShownInRecall.OrderView;
import humblequill.server.topic.recall.ShownInRecall.PlateView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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

/** Plates and orders of steps, asked for again. */
@RestController
@RequestMapping("/api/recall")
class RecallController {
  private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

  private final Recall recall;
  private final RecallViews views;
  private final ShownInRecall shown;

  RecallController(Recall recall, RecallViews views, ShownInRecall shown) {
    this.views = views;
    this.recall = recall;
    this.shown = shown;
  }

  @GetMapping
  RecallViews.RecallView read() {
    return views.read();
  }

  /** What a sitting on topics can begin with. */
  @GetMapping("/before")
  RecallViews.BeforeSitting before(
      @RequestParam(defaultValue = "") @Size(max = 20)
          List<@Size(max = Name.MAX_TEXT) String> topic) {
    return views.before(topic);
  }

  @PutMapping("/resting")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void rest(@RequestBody @Valid Resting resting) {
    recall.rest(resting.resting());
  }

  @PutMapping("/wanted/{kind}/{id}")
  RecallViews.RecallView take(
      @PathVariable Recall.Kind kind,
      @PathVariable String id,
      @RequestBody @Valid WantedWay wanted) {
    recall.take(kind, id, wanted.way());
    return views.read();
  }

  @DeleteMapping("/wanted/{kind}/{id}")
  RecallViews.RecallView leaveOff(@PathVariable Recall.Kind kind, @PathVariable String id) {
    recall.leaveOff(kind, id);
    return views.read();
  }

  @GetMapping("/plates/{id}")
  PlateView plate(@PathVariable String id) {
    return shown.plate(id);
  }

  @GetMapping("/plates/{id}/picture")
  ResponseEntity<byte[]> picture(@PathVariable String id) {
    var picture = shown.picture(id);
    return ResponseEntity.ok()
        .contentType(picture.isLines() ? SVG : MediaType.IMAGE_JPEG)
        .body(picture.bytes());
  }

  @PostMapping("/plates/{id}/drawn")
  DrawnResult drawn(@PathVariable String id, @RequestBody @Valid DrawnPins drawn) {
    return new DrawnResult(recall.drawn(id, drawn.got()));
  }

  @PostMapping("/plates/{id}/placed")
  PlacedResult placed(@PathVariable String id, @RequestBody @Valid PlacedPin placed) {
    return new PlacedResult(recall.placed(id, placed.pin(), placed.x(), placed.y()));
  }

  @PostMapping("/plates/{id}/named")
  NamedResult named(@PathVariable String id, @RequestBody @Valid NamedPin named) {
    return new NamedResult(recall.named(id, named.pin(), named.answer()));
  }

  @GetMapping("/orders/{id}")
  OrderView order(@PathVariable String id) {
    return shown.order(id);
  }

  @PostMapping("/orders/{id}/ordered")
  OrderedResult ordered(@PathVariable String id, @RequestBody @Valid OrderedSteps ordered) {
    int right = recall.ordered(id, ordered.steps());
    return new OrderedResult(right, recall.order(id).steps());
  }

  /** Whether nothing is asked for. */
  record Resting(boolean resting) {}

  /** How something is to be asked for. */
  record WantedWay(@NotNull Way way) {}

  /** Pins that were there in a drawing from memory. */
  record DrawnPins(@NotNull @Size(max = 80) List<@NotBlank @Size(max = 80) String> got) {}

  /** When it is asked for next. */
  record DrawnResult(LocalDate due) {}

  /** Where a pin was placed, as shares of width and height. */
  record PlacedPin(
      @NotBlank @Size(max = 80) String pin,
      @DecimalMin("0") @DecimalMax("1") double x,
      @DecimalMin("0") @DecimalMax("1") double y) {}

  /** Whether a pin was placed right. */
  record PlacedResult(boolean right) {}

  /** The name that was written for a pin. */
  record NamedPin(@NotBlank @Size(max = 80) String pin, @NotNull @Size(max = 300) String answer) {}

  /** How a name is judged. */
  record NamedResult(Judging.Verdict verdict) {}

  /** Steps as they were put in order. */
  record OrderedSteps(@NotNull @Size(max = 20) List<@NotBlank @Size(max = 300) String> steps) {}

  /** How many stand right, and how they should. */
  record OrderedResult(int right, List<String> steps) {}
}
