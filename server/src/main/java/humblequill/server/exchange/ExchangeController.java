package humblequill.server.exchange;

import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ExchangeController {
  private final ExchangeService service;

  ExchangeController(ExchangeService service) {
    this.service = service;
  }

  @GetMapping(path = "/export", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export() {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"humble-quill-entries.csv\"")
        .body(service.export());
  }

  @PostMapping(path = "/import", consumes = "text/csv")
  ImportReport read(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean apply) {
    return service.read(file, apply);
  }
}
