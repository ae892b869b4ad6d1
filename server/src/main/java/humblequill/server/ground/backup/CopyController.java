package humblequill.server.ground.backup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/copies")
class CopyController {
  private final CopyKeeper keeper;

  private final Whole whole;

  CopyController(CopyKeeper keeper, Whole whole) {
    this.keeper = keeper;
    this.whole = whole;
  }

  @GetMapping(path = "/whole", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> everything() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"humble-quill.zip\"")
        .body(whole::write);
  }

  @GetMapping
  CopiesView copies() {
    return keeper.view();
  }

  @PostMapping
  CopiesView copyNow() {
    keeper.makeNow();
    return keeper.view();
  }

  @PutMapping("/second-place")
  CopiesView secondPlace(@Valid @RequestBody Place place) {
    keeper.nameSecondPlace(place.path());
    return keeper.view();
  }

  /**
   * Where else copies go.
   *
   * @param path a folder that is there; blank for none
   */
  record Place(@NotNull @Size(max = 1000) String path) {}
}
