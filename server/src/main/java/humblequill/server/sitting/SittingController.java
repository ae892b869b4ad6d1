package humblequill.server.sitting;

import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.SetUp;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.Timed.Press;
import humblequill.core.sitting.cabinet.Reference;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
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

@RestController
@RequestMapping("/api/sittings")
class SittingController {
  private final SittingService service;

  SittingController(SittingService service) {
    this.service = service;
  }

  @PostMapping("/ladder")
  LadderView ladder(@RequestBody @Valid SittingPlan plan) {
    var ladder = service.ladder(plan);
    return LadderView.of(ladder);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SittingView begin(@RequestBody @Valid BegunSitting begun) {
    service.begin(begun);
    return service.get(begun.id());
  }

  @GetMapping("/current")
  CurrentSitting current() {
    return new CurrentSitting(service.current().orElse(null));
  }

  @GetMapping("/last")
  LastSitting last() {
    return new LastSitting(service.lastFree().orElse(null));
  }

  @GetMapping("/set-up")
  SetUp setUp() {
    return service.setUp();
  }

  @PutMapping("/{id}/set-up")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tellSetUp(@PathVariable UUID id, @RequestBody @Valid SetUpTold told) {
    service.tellSetUp(id, told.minutes());
  }

  /** Tells how it felt, once it is over. */
  @PutMapping("/{id}/felt")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tellFelt(@PathVariable UUID id, @RequestBody @Valid FeltAfter felt) {
    service.tellFelt(id, felt.energy(), felt.was());
  }

  /** Cues and places that were told before, the newest first. */
  @GetMapping("/told")
  SittingHabits told() {
    return service.told();
  }

  @GetMapping("/{id}")
  SittingView get(@PathVariable UUID id) {
    return service.get(id);
  }

  @PostMapping("/{id}/press")
  SittingView press(@PathVariable UUID id, @RequestBody @Valid Pressed pressed) {
    service.press(id, pressed.press(), pressed.known());
    return service.get(id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void discard(@PathVariable UUID id) {
    service.discard(id);
  }

  @GetMapping("/settings")
  SittingSettings settings() {
    return service.readSettings();
  }

  @PutMapping("/settings")
  SittingSettings settings(@RequestBody @Valid SittingSettings settings) {
    return service.writeSettings(settings);
  }

  /** What a sitting cost beside drawing. */
  record SetUpTold(@Min(0) @Max(SetUp.MAX_MINUTES) int minutes) {}

  /**
   * How a sitting felt; what is null is not told.
   *
   * @param energy 1 very low to 5 high
   * @param was how hard it was, 1 not at all to 5 very
   */
  record FeltAfter(
      @Nullable @Min(1) @Max(5) Integer energy, @Nullable @Min(1) @Max(5) Integer was) {}

  /** The sitting under way; null without one. */
  record CurrentSitting(@Nullable SittingView sitting) {}

  /** The last sitting that was begun of itself; null without one lately. */
  record LastSitting(@Nullable BegunSitting begun) {}

  /** What was pressed, and how many presses the client knows of. */
  record Pressed(@NotNull Press press, @Min(0) int known) {}

  /** A ladder before it begins. */
  record LadderView(int seconds, int drawings, List<Rung> rungs) {
    static LadderView of(Ladder ladder) {
      var rungs =
          IntStream.range(0, ladder.steps().size()).mapToObj(i -> Rung.of(ladder, i)).toList();
      return new LadderView(ladder.seconds(), ladder.drawings(), rungs);
    }

    /**
     * One step of it.
     *
     * @param cabinet what the cabinet shows of a part of the body; null where any reference will do
     * @param goesOn whether it goes on, after a rest, with the drawing before the rest
     */
    record Rung(
        Step.Kind kind,
        int seconds,
        String part,
        Reference.@Nullable Kind cabinet,
        boolean goesOn) {
      static Rung of(Ladder ladder, int index) {
        var step = ladder.steps().get(index);
        var shown = Reference.Kind.ofPart(step.part()).orElse(null);
        return new Rung(step.kind(), step.seconds(), step.part(), shown, ladder.goesOn(index));
      }
    }
  }
}
