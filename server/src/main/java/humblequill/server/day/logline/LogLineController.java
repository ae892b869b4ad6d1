package humblequill.server.day.logline;

import humblequill.core.day.logline.LogLine;
import humblequill.core.day.logline.Phrase;
import humblequill.server.day.entry.EntryFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/log-line")
class LogLineController {
  private final LogLineService service;

  LogLineController(LogLineService service) {
    this.service = service;
  }

  @PostMapping
  LineReading read(@RequestBody @Valid LineToRead line) {
    return service.read(line.line(), line.day());
  }

  /**
   * A line as typed.
   *
   * @param day the day on whose page it is written; null for today's
   */
  record LineToRead(
      @NotNull @Size(max = LogLine.MAX_LENGTH) String line, @Nullable LocalDate day) {}

  /**
   * What a line says.
   *
   * @param phrases each phrase as understood
   * @param entries what is clear so far: one entry, or several where the line counts several things
   * @param dayOff whether it says that nothing was drawn
   * @param complete whether these are entries to save
   */
  record LineReading(
      List<Phrase> phrases, List<EntryFields> entries, boolean dayOff, boolean complete) {}
}
