package humblequill.server.ground.name;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
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
@RequestMapping("/api/names")
class NameController {
  private final NameChanges changes;

  NameController(NameChanges changes) {
    this.changes = changes;
  }

  @GetMapping
  NamesView read() {
    return changes.read();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  void create(@RequestBody @Valid NewName name) {
    changes.create(name.toCore());
  }

  @PutMapping("/{id}/text")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void rename(@PathVariable UUID id, @RequestBody @Valid OtherText other) {
    changes.rename(other.change(), id, other.text());
  }

  @PutMapping("/{id}/description")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void describe(@PathVariable UUID id, @RequestBody @Valid Description description) {
    changes.describe(description.change(), id, description.spellings(), description.properties());
  }

  @PostMapping("/{id}/merge")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void merge(@PathVariable UUID id, @RequestBody @Valid MergeInto merge) {
    changes.merge(merge.change(), id, merge.into());
  }

  @PostMapping("/{id}/part")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void part(@PathVariable UUID id, @RequestBody @Valid ChangeOfName change) {
    changes.part(change.change(), id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id, @RequestParam UUID change) {
    changes.remove(change, id);
  }

  @PostMapping("/changes/{change}/undo")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(@PathVariable UUID change) {
    changes.undo(change);
  }

  /** A name before anything was written with it, under an id that the client made. */
  record NewName(
      @NotNull UUID id,
      @NotNull NameKind kind,
      @NotBlank @Size(max = Name.MAX_TEXT) String text,
      @NotNull @Size(max = Name.MAX_SPELLINGS)
          List<@NotBlank @Size(max = Name.MAX_TEXT) String> spellings,
      @NotNull Set<MediumProperty> properties) {
    Name toCore() {
      if (text.codePoints().noneMatch(Character::isLetterOrDigit)) {
        throw Refusal.badValue("text", text, Message.of("ground.nameWithoutLetter", "name", text));
      }
      try {
        return new Name(id, kind, text, spellings, properties, Optional.empty());
      } catch (IllegalArgumentException e) {
        throw Refusal.badValue("text", text, Message.of("ground.notKept", "why", Message.why(e)));
      }
    }
  }

  /**
   * Another text for a name.
   *
   * @param change an id that the client made, to take it back by
   */
  record OtherText(@NotNull UUID change, @NotBlank @Size(max = Name.MAX_TEXT) String text) {}

  /** Other spellings and properties of a name. */
  record Description(
      @NotNull UUID change,
      @NotNull @Size(max = Name.MAX_SPELLINGS)
          List<@NotBlank @Size(max = Name.MAX_TEXT) String> spellings,
      @NotNull Set<MediumProperty> properties) {}

  /** The name that another is to be a spelling of. */
  record MergeInto(@NotNull UUID change, @NotNull UUID into) {}

  /** A change without more to say. */
  record ChangeOfName(@NotNull UUID change) {}
}
