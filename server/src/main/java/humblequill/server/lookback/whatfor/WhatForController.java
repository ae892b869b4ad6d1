package humblequill.server.lookback.whatfor;

import humblequill.server.lookback.whatfor.OpenEnds.State;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What all this is for. */
@RestController
@RequestMapping("/api/what-for")
class WhatForController {
  private final HungPictures pictures;
  private final Goals goals;
  private final OpenEnds ends;

  WhatForController(HungPictures pictures, Goals goals, OpenEnds ends) {
    this.pictures = pictures;
    this.goals = goals;
    this.ends = ends;
  }

  @GetMapping("/pictures")
  HungPictures.Hanging pictures() {
    return pictures.read();
  }

  @PutMapping("/pictures")
  HungPictures.Hanging hang(@RequestBody @Valid Rehung rehung) {
    pictures.hang(rehung.version(), rehung.pictures());
    return pictures.read();
  }

  @GetMapping("/goals")
  List<Goals.GoalLine> goals() {
    return goals.all();
  }

  @GetMapping("/goals/{kind}/{about}")
  Goals.GoalView goal(@PathVariable Goals.Kind kind, @PathVariable UUID about) {
    return goals.read(kind, about);
  }

  @PutMapping("/goals/{kind}/{about}")
  Goals.GoalView keep(
      @PathVariable Goals.Kind kind,
      @PathVariable UUID about,
      @RequestBody @Valid GoalInWords words) {
    goals.keep(kind, about, words.version(), words.said(), words.became());
    return goals.read(kind, about);
  }

  @GetMapping("/open-ends")
  List<OpenEnds.OpenEndView> ends() {
    return ends.all();
  }

  /** One for free time. */
  @GetMapping("/open-ends/offered")
  OfferedEnd offered() {
    return new OfferedEnd(ends.offered().orElse(null));
  }

  @PutMapping("/open-ends/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void note(@PathVariable UUID id, @RequestBody @Valid Idea idea) {
    ends.note(id, idea.text());
  }

  @PutMapping("/open-ends/{id}/state")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void settle(@PathVariable UUID id, @RequestBody @Valid EndState state) {
    ends.settle(id, state.state());
  }

  /**
   * Pictures as they are to hang.
   *
   * @param version of the arrangement that was read; −1 before the first
   */
  record Rehung(
      long version,
      @NotNull @Size(max = HungPictures.MOST)
          List<HungPictures.@Valid @NotNull HungPicture> pictures) {}

  /**
   * A goal in the learner's words.
   *
   * @param version null where nothing was said yet
   */
  record GoalInWords(
      @Nullable Long version,
      @NotNull @Size(max = 600) String said,
      @NotNull @Size(max = 2000) String became) {}

  /** One that waits; null without any. */
  record OfferedEnd(OpenEnds.@Nullable OpenEndView end) {}

  /** Something the learner thought of. */
  record Idea(@NotBlank @Size(max = OpenEnds.LONGEST) String text) {}

  /** What became of an open end. */
  record EndState(@NotNull State state) {}
}
