package humblequill.server.book.piece;

import humblequill.server.day.entry.EntryFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

@RestController
@RequestMapping("/api")
class PieceController {
  private final PieceService pieces;
  private final PieceTemplates templates;

  PieceController(PieceService pieces, PieceTemplates templates) {
    this.pieces = pieces;
    this.templates = templates;
  }

  @GetMapping("/pieces")
  List<PieceView> all() {
    return pieces.all();
  }

  @GetMapping("/pieces/{id}")
  PieceView read(@PathVariable UUID id) {
    return pieces.get(id);
  }

  /** Keeps a piece, a new one or a change. */
  @PutMapping("/pieces/{id}")
  PieceView keep(@PathVariable UUID id, @RequestBody @Valid ChangedPiece piece) {
    return pieces.keep(id, piece.version(), piece.fields());
  }

  /** Logs what was drawn for a stage. */
  @PostMapping("/pieces/{id}/entries")
  PieceView log(@PathVariable UUID id, @RequestBody @Valid EntryOfStage entry) {
    return pieces.log(id, entry.stage(), entry.entry(), entry.fields());
  }

  @DeleteMapping("/pieces/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    pieces.remove(id, true);
  }

  @PostMapping("/pieces/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    pieces.remove(id, false);
  }

  @GetMapping("/piece-templates")
  List<PieceTemplates.PieceTemplate> templates() {
    return templates.all();
  }

  /** A template of the learner's own as a file. */
  @GetMapping("/piece-templates/{id}")
  ResponseEntity<String> file(@PathVariable UUID id) {
    var name = ContentDisposition.attachment().filename("piece.yaml").build();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/yaml"))
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(templates.file(id));
  }

  /** Keeps a template from its file, see docs/formats/piece.md. */
  @PutMapping("/piece-templates/{id}")
  PieceTemplates.PieceTemplate keepTemplate(
      @PathVariable UUID id, @RequestBody @Valid TemplateFile file) {
    return templates.keep(id, file.file());
  }

  @DeleteMapping("/piece-templates/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeTemplate(@PathVariable UUID id) {
    templates.remove(id);
  }

  /**
   * A piece on top of the version that the client read.
   *
   * @param version null for a new one
   */
  record ChangedPiece(@Nullable Long version, @NotNull @Valid PieceFields fields) {}

  /** An entry drawn for a stage, under an id that the client made. */
  record EntryOfStage(
      @NotNull UUID stage, @NotNull UUID entry, @NotNull @Valid EntryFields fields) {}

  /** The text of a template's file. */
  record TemplateFile(@NotNull @Size(max = 20_000) String file) {}
}
