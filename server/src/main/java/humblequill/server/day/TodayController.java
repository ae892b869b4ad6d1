package humblequill.server.day;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
  private static final int MOST_MINUTES = 480;

  private final TodayService service;
  private final EasyDays easy;

  TodayController(TodayService service, EasyDays easy) {
    this.service = service;
    this.easy = easy;
  }

  @GetMapping
  TodayView today() {
    return service.today();
  }

  /** The smallest page that counts. */
  @GetMapping("/little")
  EasyDays.LittleView little() {
    return easy.little();
  }

  /** What to do about boredom; each turn something else. */
  @GetMapping("/bored")
  EasyDays.BoredView bored(@RequestParam int turn) {
    if (turn < 0) {
      throw Refusal.badValue("turn", turn, Message.of("day.turnsFromZero"));
    }
    return easy.bored(turn);
  }

  /** What fits into so many minutes, with what is at hand. */
  @GetMapping("/short")
  EasyDays.ShortView fitting(
      @RequestParam int minutes, @RequestParam(required = false) @Nullable String medium) {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw Refusal.badValue(
          "minutes",
          minutes,
          Message.of("day.minutesToSay", "most", MOST_MINUTES, "minutes", minutes));
    }
    return easy.fitting(minutes, medium);
  }
}
