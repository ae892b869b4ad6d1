package humblequill.server.promise;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
@RequestMapping("/api/quotas")
class QuotaController {
  private final QuotaService service;

  QuotaController(QuotaService service) {
    this.service = service;
  }

  @GetMapping
  List<QuotaLine> all() {
    return service.all();
  }

  /** How the forecasts of all promises held so far. */
  @GetMapping("/forecasts")
  ForecastsHeld forecasts() {
    return service.forecasts();
  }

  @GetMapping("/{id}")
  QuotaView get(@PathVariable UUID id) {
    return service.get(id);
  }

  @PostMapping("/worksheet")
  WorksheetView worksheet(
      @RequestBody @Valid QuotaTerms terms,
      @RequestParam(required = false) @Nullable UUID changed) {
    return service.worksheet(terms, changed);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  QuotaView create(@RequestBody @Valid NewQuota quota) {
    return service.get(service.create(quota.id(), quota.terms(), null));
  }

  @PutMapping("/{id}")
  QuotaView change(@PathVariable UUID id, @RequestBody @Valid ChangedQuota quota) {
    service.change(id, quota.version(), quota.terms());
    return service.get(id);
  }

  @PostMapping("/{id}/end")
  QuotaView end(@PathVariable UUID id, @RequestParam long version) {
    service.end(id, version);
    return service.get(id);
  }

  @PostMapping("/{id}/go-on")
  QuotaView goOn(@PathVariable UUID id, @RequestParam long version) {
    service.goOn(id, version);
    return service.get(id);
  }

  @PutMapping("/{id}/result")
  QuotaView result(@PathVariable UUID id, @RequestBody @Valid QuotaResult result) {
    service.result(id, result.version(), result.learned(), result.best());
    return service.get(id);
  }

  @PostMapping("/{id}/again")
  @ResponseStatus(HttpStatus.CREATED)
  QuotaView again(@PathVariable UUID id, @RequestBody @Valid QuotaAgain again) {
    return service.get(service.again(id, again.id(), again.start()));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id, @RequestParam long version) {
    service.remove(id, version);
  }

  /** A new quota under an id that the client made. */
  record NewQuota(@NotNull UUID id, @NotNull @Valid QuotaTerms terms) {}

  /** Other terms on top of the version that the client read. */
  record ChangedQuota(long version, @NotNull @Valid QuotaTerms terms) {}

  /** What was learned, and the best entries. */
  record QuotaResult(
      long version,
      @NotNull @Size(max = 2000) String learned,
      @NotNull @Size(max = 60) List<@NotNull UUID> best) {}

  /** The same promise from another day on. */
  record QuotaAgain(@NotNull UUID id, @NotNull LocalDate start) {}
}
