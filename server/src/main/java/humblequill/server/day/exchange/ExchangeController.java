package humblequill.server.day.exchange;

import java.io.InputStream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ExchangeController {
  private final ExchangeService service;
  private final Imports imports;

  ExchangeController(ExchangeService service, Imports imports) {
    this.service = service;
    this.imports = imports;
  }

  @GetMapping(path = "/export", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export() {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"humble-quill-entries.csv\"")
        .body(service.export());
  }

  @PostMapping(path = "/import", consumes = "text/csv")
  ImportReport read(InputStream file, @RequestParam(defaultValue = "false") boolean apply) {
    return imports.read(file, apply);
  }
}
