package humblequill.server.book;

import humblequill.core.book.Binding;
import humblequill.core.book.Book;
import humblequill.core.book.Paper;
import humblequill.core.ground.name.Name;
import humblequill.core.promise.Rule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the learner tells of a book; a name alone is enough.
 *
 * @param format as written: "A4", "21 x 29.7 cm", "9 x 12 in"; empty for unknown
 * @param leaves how many
 * @param bothSides whether both sides of a leaf are used
 * @param grams paper weight in g/m²
 * @param price what it cost
 * @param currency three letters; empty for none
 * @param paper media its paper was tried with
 * @param rules to keep in it; counted as far as entries tell, never enforced
 * @param colours what its colours mean
 * @param goal what is written on its first page; asked again when it is closed
 * @param keptPrivate kept out of everything made for showing
 * @param notShown shown to others by nobody but the learner's own wish, page by page
 * @param notJudged wished to be without marks, trends and ranking; kept, and not acted on yet
 * @param opened the first day in use
 * @param closed the day it was put away
 * @param keptShare what of the goal was kept by the learner's own word, 0 to 100; asked on closing
 */
public record BookFields(
    @NotBlank @Size(max = Name.MAX_TEXT) String name,
    @NotNull @Size(max = 40) String format,
    @Nullable @Min(1) @Max(Book.MAX_LEAVES) Integer leaves,
    boolean bothSides,
    @NotNull Binding binding,
    @Nullable @Min(20) @Max(1000) Integer grams,
    @Nullable @DecimalMin("0") @DecimalMax("99999.99") @Digits(integer = 5, fraction = 2)
        BigDecimal price,
    @NotNull @Pattern(regexp = "([A-Z]{3})?", message = "ground.currencyLetters") String currency,
    @NotNull @Size(max = 40) List<@Valid @NotNull OnPaper> paper,
    @NotNull @Size(max = 4) List<@NotNull Rule> rules,
    @NotNull @Size(max = 1000) String colours,
    @NotNull @Size(max = 2000) String goal,
    boolean keptPrivate,
    boolean notShown,
    boolean notJudged,
    @Nullable LocalDate opened,
    @Nullable LocalDate closed,
    @Nullable @Min(0) @Max(100) Integer keptShare) {
  /** How the paper takes a medium. */
  public record OnPaper(@NotBlank @Size(max = Name.MAX_TEXT) String medium, @NotNull Paper takes) {}
}
