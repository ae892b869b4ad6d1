package humblequill.server.shelf;

import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.name.Name;
import humblequill.core.shelf.Ownership;
import humblequill.core.shelf.ResourceKind;
import humblequill.core.shelf.ResourceRole;
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
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the learner tells of a resource; a name alone is enough.
 *
 * @param topics what it is about, by name
 * @param unit in what it is counted; null where it is not
 * @param total how many units there are; null where nobody knows
 * @param dueBack when a borrowed one goes back
 * @param wanted days on which it was wanted
 * @param queue its place in the queue, from 1; null outside
 * @param onlyAfter resources that come first
 * @param afterPlacement with {@code afterWeek}: a week of a course that comes first
 * @param byHand units read that no entry tells
 * @param ended how it ended; null while it has not
 * @param goodFor the verdict: what it is good for
 * @param bewareOf the verdict: what to beware of
 */
public record ResourceFields(
    @NotBlank @Size(max = Name.MAX_TEXT) String name,
    @NotNull ResourceKind kind,
    @NotNull ResourceRole role,
    @NotNull @Size(max = 40) List<@NotBlank @Size(max = Name.MAX_TEXT) String> topics,
    @Nullable UnitKind unit,
    @Nullable @Min(1) @Max(Units.MOST) Integer total,
    @Nullable @DecimalMin("0") @DecimalMax("99999.99") @Digits(integer = 5, fraction = 2)
        BigDecimal price,
    @NotNull @Pattern(regexp = "([A-Z]{3})?", message = "ground.currencyLetters") String currency,
    @NotNull Ownership ownership,
    @Nullable LocalDate dueBack,
    @NotNull @Size(max = 100) List<@NotNull LocalDate> wanted,
    @Nullable @Min(1) @Max(ResourceFields.LAST_PLACE) Integer queue,
    @NotNull @Size(max = 20) List<@NotNull UUID> onlyAfter,
    @Nullable UUID afterPlacement,
    @Nullable @Size(max = 80) String afterWeek,
    @NotNull @Size(max = 200) List<@Valid @NotNull UnitSpan> byHand,
    @Nullable Ended ended,
    @Nullable LocalDate endedOn,
    @NotNull @Size(max = 1000) String goodFor,
    @NotNull @Size(max = 1000) String bewareOf,
    @NotNull @Size(max = 2000) String note) {
  /** The last place in the queue. */
  public static final int LAST_PLACE = 999;

  /** How a resource ended. */
  public enum Ended {
    FINISHED,
    DROPPED
  }

  /** Units from one to another. */
  public record UnitSpan(@Min(1) @Max(Units.MOST) int from, @Min(1) @Max(Units.MOST) int to) {}
}
