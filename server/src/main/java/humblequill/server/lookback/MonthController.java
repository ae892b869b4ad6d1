package humblequill.server.lookback;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Months looked back on, each by its first day in the calendar. */
@RestController
@RequestMapping("/api/look-back/months")
class MonthController {
  private static final int LONGEST = 20_000;

  private final MonthLetters letters;

  MonthController(MonthLetters letters) {
    this.letters = letters;
  }

  @GetMapping
  List<MonthLetters.MonthLine> list() {
    return letters.list();
  }

  @GetMapping("/{month}")
  MonthLetter read(@PathVariable LocalDate month) {
    return letters.read(month);
  }

  /** Keeps what the learner makes of a month. */
  @PutMapping("/{month}")
  MonthLetter keep(@PathVariable LocalDate month, @RequestBody @Valid ChangedMonth changed) {
    letters.keep(month, changed.version(), changed.words(), changed.expects());
    return letters.read(month);
  }

  /**
   * What the learner makes of a month.
   *
   * @param version null for a month that nothing is kept of
   */
  record ChangedMonth(
      @Nullable Long version,
      @NotNull @Size(max = LONGEST) String words,
      @NotNull @Size(max = LONGEST) String expects) {}
}
