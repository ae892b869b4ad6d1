package humblequill.server.day.entry;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
@RequestMapping("/api/entries")
class EntryController {
  private final EntryService service;

  EntryController(EntryService service) {
    this.service = service;
  }

  @GetMapping
  EntryList find(
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @RequestParam(required = false) @Nullable String exercise,
      @RequestParam(required = false) @Nullable String topic,
      @RequestParam(required = false) @Nullable String medium,
      @RequestParam(required = false) @Nullable String source,
      @RequestParam(required = false) @Nullable String facet,
      @RequestParam(required = false) @Nullable @Size(max = 200) String text,
      @RequestParam(defaultValue = "0") @Min(0) @Max(1_000_000) int skip,
      @RequestParam(defaultValue = "50") @Min(1) @Max(500) int most) {
    return service.find(
        new EntryFilter(
            from, to, exercise, topic, medium, source, text, null, null, facet, skip, most));
  }

  @GetMapping("/{id}")
  EntryView get(@PathVariable UUID id) {
    return service.get(id);
  }

  @PostMapping
  ResponseEntity<EntryView> create(@RequestBody @Valid NewEntry entry) {
    var created = service.create(entry.id(), entry.fields());
    return created.isNew()
        ? ResponseEntity.created(URI.create("/api/entries/" + entry.id())).body(created.entry())
        : ResponseEntity.ok(created.entry());
  }

  @PutMapping("/{id}")
  EntryView update(@PathVariable UUID id, @RequestBody @Valid ChangedEntry entry) {
    return service.update(id, entry.version(), entry.fields());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id, @RequestParam long version) {
    service.delete(id, version);
  }

  /** A new entry under an id that the client made, so that a retry never logs twice. */
  record NewEntry(@NotNull UUID id, @NotNull @Valid EntryFields fields) {}

  /** A change on top of the version that the client read. */
  record ChangedEntry(long version, @NotNull @Valid EntryFields fields) {}
}
