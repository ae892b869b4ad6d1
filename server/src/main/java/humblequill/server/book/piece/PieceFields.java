package humblequill.server.book.piece;

import humblequill.core.book.piece.Piece;
import humblequill.core.book.piece.Stage;
import humblequill.core.ground.name.Name;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a piece.
 *
 * @param about what it is of, and from what
 * @param topic of its entries
 * @param medium of its entries
 * @param book in which it is drawn
 * @param ended whether it is done or was let go
 */
public record PieceFields(
    @NotBlank @Size(max = 200) String title,
    @NotNull @Size(max = 1000) String about,
    @Nullable @Size(max = Name.MAX_TEXT) String topic,
    @Nullable @Size(max = Name.MAX_TEXT) String medium,
    @Nullable @Size(max = Name.MAX_TEXT) String book,
    boolean ended,
    @NotEmpty @Size(max = Piece.MOST_STAGES) List<@Valid @NotNull StageFields> stages) {

  /**
   * A stage.
   *
   * @param gate the question at its end; empty for none
   * @param passed whether it was answered with yes
   * @param answer in words
   * @param variants its pictures
   * @param chosen the picture to go on with
   * @param reason why that one
   */
  public record StageFields(
      @NotNull UUID id,
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 300) String gate,
      boolean passed,
      @NotNull @Size(max = 1000) String answer,
      @NotNull @Size(max = 60) List<@NotNull UUID> variants,
      @Nullable UUID chosen,
      @NotNull @Size(max = 1000) String reason) {
    Stage toCore() {
      return new Stage(id, name, gate, passed, variants, Optional.ofNullable(chosen));
    }
  }

  Piece toCore() {
    return new Piece(stages.stream().map(StageFields::toCore).toList());
  }
}
