package humblequill.server.topic.recall;

import humblequill.server.topic.recall.ShownInRecall.OrderView;
import humblequill.server.topic.recall.ShownInRecall.PlateView;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plates and orders of steps of the learner's own, made here or brought in as files. */
@RestController
@RequestMapping("/api/recall")
class OwnPlatesController {
  private final OwnPlates own;
  private final ShownInRecall shown;

  OwnPlatesController(OwnPlates own, ShownInRecall shown) {
    this.own = own;
    this.shown = shown;
  }

  @PutMapping("/plates/{id}")
  PlateView keep(@PathVariable UUID id, @RequestBody @Valid OwnFields.PlateFields fields) {
    own.keep(id, fields);
    return shown.plate(id.toString());
  }

  @PutMapping("/orders/{id}")
  OrderView keep(@PathVariable UUID id, @RequestBody @Valid OwnFields.OrderFields fields) {
    own.keep(id, fields);
    return shown.order(id.toString());
  }

  /** A drawing without what could run or ask for something elsewhere; nothing is kept. */
  @PostMapping("/cleaned")
  CleanSvg cleaned(@RequestBody @Valid OwnFields.SvgAsItCame drawing) {
    return CleanSvg.of(drawing.svg());
  }

  /** Brings in a plate or an order as its files, see docs/formats/plate.md. */
  @PutMapping("/files/{id}")
  OwnPlates.BroughtIn bringIn(
      @PathVariable UUID id, @RequestBody @Valid OwnFields.OwnFile brought) {
    return own.bringIn(id, brought);
  }

  /** The file of any plate or order. */
  @GetMapping(path = "/files/{id}", produces = "application/yaml")
  ResponseEntity<String> file(@PathVariable String id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".yaml\"")
        .body(shown.file(id));
  }

  @DeleteMapping("/own/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    own.remove(id, true);
  }

  @PostMapping("/own/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    own.remove(id, false);
  }
}
