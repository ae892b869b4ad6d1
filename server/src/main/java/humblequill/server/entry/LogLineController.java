package humblequill.server.entry;

import humblequill.core.logline.LogLine;
import humblequill.core.logline.Part;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
    return service.read(line.line());
  }

  /** A line as typed. */
  record LineToRead(@NotNull @Size(max = LogLine.MAX_LENGTH) String line) {}

  /**
   * What a line says.
   *
   * @param parts each part as understood
   * @param fields the entry that would be saved; null while something is open
   */
  record LineReading(List<Part> parts, @Nullable EntryFields fields) {}
}
