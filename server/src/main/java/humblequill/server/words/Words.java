package humblequill.server.words;

import humblequill.core.logline.WordKind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * The learner's own words, beside those that ship.
 *
 * @param own topics, books, resources, further media and sources, by name
 * @param shipped the media and sources every learner starts with; they cannot be changed
 */
public record Words(
    @NotNull @Size(max = 1000) List<@Valid @NotNull OwnWord> own, List<OwnWord> shipped) {
  /**
   * One word.
   *
   * @param kind what it names; exercises come from the course
   * @param name as shown
   * @param spellings other ways of writing it
   */
  public record OwnWord(
      @NotNull WordKind kind,
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 60) String> spellings) {}
}
