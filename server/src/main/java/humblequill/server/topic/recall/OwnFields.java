package humblequill.server.topic.recall;

import humblequill.core.ground.name.Name;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.core.topic.recall.Pin;
import humblequill.core.topic.recall.Plate;
import humblequill.core.topic.recall.StepOrder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is told of plates and orders of one's own. */
public final class OwnFields {
  static final int LONGEST_FILE = 60_000;
  static final int LONGEST_SVG = 500_000;
  private static final int LONGEST_NOTE = 600;

  private OwnFields() {}

  /**
   * A plate.
   *
   * @param version null for a new one
   * @param picture one of the learner's pictures; null to leave the picture as it is
   * @param cabinet a picture of the cabinet; null to leave the picture as it is
   * @param svg a picture as lines; null to leave the picture as it is
   */
  record PlateFields(
      @Nullable Long version,
      @NotBlank @Size(max = Pin.LONGEST) String title,
      @NotNull @Size(max = Plate.MOST_TOPICS)
          List<@NotBlank @Size(max = Name.MAX_TEXT) String> topics,
      @NotNull @Size(max = LONGEST_NOTE) String note,
      @Nullable UUID picture,
      @Nullable @Valid CabinetPicture cabinet,
      @Nullable @Size(max = LONGEST_SVG) String svg,
      @NotNull @Size(min = 1, max = Plate.MOST_PINS) List<@NotNull @Valid PinFields> pins) {}

  /**
   * A pin.
   *
   * @param id null for a new one
   * @param latin empty without a Latin name
   * @param others plurals and other names that are right as well
   * @param x share of the picture's width
   * @param y share of the picture's height
   */
  record PinFields(
      @Nullable @Size(max = Pin.LONGEST_ID) String id,
      @NotBlank @Size(max = Pin.LONGEST) String name,
      @NotNull @Size(max = Pin.LONGEST) String latin,
      @NotNull @Size(max = Pin.MOST_OTHERS) List<@NotBlank @Size(max = Pin.LONGEST) String> others,
      @DecimalMin("0") @DecimalMax("1") double x,
      @DecimalMin("0") @DecimalMax("1") double y) {}

  /** A picture of the reference cabinet. */
  record CabinetPicture(
      long seed, @NotNull Reference.Kind kind, @NotNull Emphasis emphasis, @NotNull View view) {}

  /**
   * An order of steps.
   *
   * @param version null for a new one
   */
  record OrderFields(
      @Nullable Long version,
      @NotBlank @Size(max = Pin.LONGEST) String title,
      @NotNull @Size(max = Plate.MOST_TOPICS)
          List<@NotBlank @Size(max = Name.MAX_TEXT) String> topics,
      @NotNull @Size(min = 2, max = StepOrder.MOST_STEPS)
          List<@NotBlank @Size(max = StepOrder.LONGEST) String> steps) {}

  /** A drawing in SVG as it came. */
  record SvgAsItCame(@NotNull @Size(max = LONGEST_SVG) String svg) {}

  /**
   * A plate or an order as its files.
   *
   * @param file as docs/formats/plate.md has it
   * @param svg the picture of a plate as lines
   * @param picture one of the learner's pictures, where it is one
   */
  public record OwnFile(
      @NotNull @Size(max = LONGEST_FILE) String file,
      @Nullable @Size(max = LONGEST_SVG) String svg,
      @Nullable UUID picture) {}
}
