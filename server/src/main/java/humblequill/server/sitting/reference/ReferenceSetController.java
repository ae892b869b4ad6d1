package humblequill.server.sitting.reference;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/references/sets")
class ReferenceSetController {
  private final ReferenceSets sets;

  ReferenceSetController(ReferenceSets sets) {
    this.sets = sets;
  }

  @GetMapping
  List<ReferenceSets.SetOfReferences> all() {
    return sets.all();
  }

  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(@PathVariable UUID id, @RequestBody @Valid KeptSet set) {
    sets.keep(id, set.version(), set.fields());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    sets.remove(id);
  }

  /** A set on top of the version that the client read; 0 for a new one. */
  record KeptSet(long version, @NotNull @Valid ReferenceSets.SetFields fields) {}
}
