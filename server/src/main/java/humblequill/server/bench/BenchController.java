package humblequill.server.bench;

import humblequill.core.bench.Quantity;
import humblequill.core.bench.Quantity.Kind;
import humblequill.core.bench.SaidWrong.Along;
import humblequill.core.day.entry.PoseLength;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.server.ground.edge.PaperSize;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bench")
class BenchController {
  private final Comparisons comparisons;
  private final ComparisonViews views;
  private final BenchTemplates templates;
  private final Tendencies tendencies;
  private final SaidHabits said;

  BenchController(
      Comparisons comparisons,
      ComparisonViews views,
      BenchTemplates templates,
      Tendencies tendencies,
      SaidHabits said) {
    this.comparisons = comparisons;
    this.views = views;
    this.templates = templates;
    this.tendencies = tendencies;
    this.said = said;
  }

  /** All comparisons in short, the newest first. */
  @GetMapping("/comparisons")
  List<ComparisonLine> all() {
    return views.lines();
  }

  /** Figures of all comparisons, see docs/formats/comparisons.md. */
  @GetMapping(path = "/figures.csv", produces = "text/csv")
  ResponseEntity<String> csv() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"comparisons.csv\"")
        .body(views.csv());
  }

  @GetMapping("/comparisons/{id}")
  ComparisonView read(@PathVariable UUID id) {
    return views.read(id);
  }

  /** Its reference at the size of a paper: to trace, or to begin from. */
  @GetMapping(path = "/comparisons/{id}/sheet.pdf", produces = "application/pdf")
  ResponseEntity<byte[]> sheet(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "A4") @Size(max = 60) String paper,
      @RequestParam(defaultValue = "10") @DecimalMin("0") @DecimalMax("500") double margin,
      @RequestParam(defaultValue = "FAINT") ReferenceSheet.Shows shows)
      throws IOException {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"reference.pdf\"")
        .body(views.sheet(id, PaperSize.read(paper), margin, shows));
  }

  /** Keeps a comparison, a new one or a change. */
  @PutMapping("/comparisons/{id}")
  ComparisonView keep(@PathVariable UUID id, @RequestBody @Valid ChangedComparison changed) {
    comparisons.keep(
        id, changed.version(), changed.day(), changed.fields(), Boolean.TRUE.equals(changed.fit()));
    return views.read(id);
  }

  @DeleteMapping("/comparisons/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    comparisons.remove(id, true);
  }

  @PostMapping("/comparisons/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    comparisons.remove(id, false);
  }

  /**
   * A comparison on top of the version that the client read.
   *
   * @param version null for a new one
   * @param day it was drawn on; null for today; a change leaves it as it is
   * @param fit whether the landmarks were looked at and fit the pictures as they are now
   */
  record ChangedComparison(
      @Nullable Long version,
      @Nullable LocalDate day,
      @NotNull @Valid ComparisonFields fields,
      @Nullable Boolean fit) {}

  /** Habits by template, of all drawings or of those that are asked for. */
  @GetMapping("/tendencies")
  Tendencies.HabitsView tendencies(
      @RequestParam(required = false) @Nullable LocalDate parted,
      @RequestParam(required = false) @Nullable String source,
      @RequestParam(required = false) @Nullable String medium,
      @RequestParam(required = false) @Nullable PoseLength length,
      @RequestParam(required = false) @Nullable String topic,
      @RequestParam(required = false) @Nullable String facet) {
    return tendencies.read(parted, new HabitFilter(source, medium, length, topic, facet));
  }

  /** Errors that come back in the learner's own words. */
  @GetMapping("/said")
  List<SaidHabits.SaidHabitView> said() {
    return said.read();
  }

  /** Tells that words of an entry were read wrong. */
  @PutMapping("/said/misread")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void misread(@RequestBody @Valid MisreadWords words) {
    said.misread(words.entry(), words.part(), words.along(), words.wrong());
  }

  /**
   * Words of an entry.
   *
   * @param part as they were read
   * @param wrong whether they were read wrong; false takes that back
   */
  record MisreadWords(
      @NotNull UUID entry,
      @NotNull @Size(max = 200) String part,
      @NotNull Along along,
      boolean wrong) {}

  /** Habits that are an aim now, the newest first. */
  @GetMapping("/aims")
  List<Tendencies.AimView> aims() {
    return tendencies.running();
  }

  /** Takes a habit as an aim. */
  @PutMapping("/aims/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void take(@PathVariable UUID id, @RequestBody @Valid AimFields aim) {
    tendencies.take(id, aim.template(), new Quantity(aim.kind(), aim.part()), null);
  }

  @DeleteMapping("/aims/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID id) {
    tendencies.end(id);
  }

  /** A habit to take as an aim. */
  record AimFields(
      @NotBlank @Size(max = 120) String template,
      @NotNull Kind kind,
      @NotNull @Size(max = 120) String part) {}

  @GetMapping("/templates")
  List<TemplateView> templates() {
    return templates.all().stream()
        .map(
            t ->
                new TemplateView(
                    t.id(),
                    t.template().name(),
                    t.template().landmarks().size(),
                    t.cabinet(),
                    t.file()))
        .toList();
  }

  /**
   * A template of landmarks.
   *
   * @param id null for one that ships
   * @param cabinet what of the cabinet it is the usual one for
   * @param file as docs/formats/landmarks.md describes it
   */
  record TemplateView(
      @Nullable UUID id, String name, int landmarks, List<Reference.Kind> cabinet, String file) {}

  /** Keeps a template from its file. */
  @PutMapping("/templates/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keepTemplate(@PathVariable UUID id, @RequestBody @Valid LandmarkFile file) {
    templates.keep(id, file.file());
  }

  @DeleteMapping("/templates/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeTemplate(@PathVariable UUID id) {
    templates.remove(id);
  }

  /** The text of a template's file. */
  record LandmarkFile(@NotNull @Size(max = 20_000) String file) {}
}
