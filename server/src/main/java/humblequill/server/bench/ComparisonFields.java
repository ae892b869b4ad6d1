package humblequill.server.bench;

import humblequill.core.bench.Way;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a comparison.
 *
 * @param template by name
 * @param attempt picture of the drawing, of a page or waiting for one; null for a reference alone
 * @param pushed whether tilts were exaggerated on purpose
 * @param plumb whether it is known on both what is upright; null to take it from the pictures
 * @param truth landmarks of the reference, where the cabinet does not know them
 * @param drawn landmarks of the attempt that were confirmed
 * @param invented landmarks that the reference does not show
 * @param hidden landmarks that are left out
 * @param refused keys of findings that were meant so
 * @param notes words pinned on the drawing
 */
public record ComparisonFields(
    @NotNull @Size(max = 200) String title,
    @NotBlank @Size(max = 120) String template,
    @NotNull @Valid ReferenceFields reference,
    @Nullable UUID attempt,
    @NotNull Way way,
    boolean pushed,
    @Nullable Boolean plumb,
    @NotNull @Size(max = 200) List<@NotNull @Valid LandmarkPlace> truth,
    @NotNull @Size(max = 200) List<@NotNull @Valid LandmarkPlace> drawn,
    @NotNull @Size(max = 200) List<@NotNull @Size(max = 120) String> invented,
    @NotNull @Size(max = 200) List<@NotNull @Size(max = 120) String> hidden,
    @NotNull @Size(max = 200) List<@NotNull @Size(max = 200) String> refused,
    @NotNull @Size(max = 100) List<@NotNull @Valid PinnedNote> notes) {
  /** Where a reference comes from. */
  public enum From {
    /** The cabinet, which knows its landmarks. */
    CABINET,
    /** The picture of a page. */
    PAGE,
    /** The learner's own folder. */
    FOLDER
  }

  /**
   * A reference.
   *
   * @param seed which picture of the cabinet; null for others
   * @param cabinet what it shows; null for others
   * @param picture which picture; null for the cabinet
   */
  public record ReferenceFields(
      @NotNull From from,
      @Nullable Long seed,
      Reference.@Nullable Kind cabinet,
      @Nullable Emphasis emphasis,
      @Nullable View view,
      @Nullable UUID picture) {
    /** The same reference is told in one way alone, since attempts of one belong together. */
    public ReferenceFields {
      if (from == From.CABINET) {
        emphasis = emphasis == null ? Emphasis.ANY : emphasis;
        view = view == null ? View.ANY : view;
        picture = null;
      } else {
        seed = null;
        cabinet = null;
        emphasis = null;
        view = null;
      }
    }
  }

  /** A landmark, as shares of the picture's width and height from the upper left. */
  public record LandmarkPlace(
      @NotBlank @Size(max = 120) String name,
      @Min(-1) @Max(2) double x,
      @Min(-1) @Max(2) double y) {}

  /** Words pinned to a point of the drawing, as shares of its width and height. */
  public record PinnedNote(
      @Min(0) @Max(1) double x, @Min(0) @Max(1) double y, @NotBlank @Size(max = 400) String text) {}
}
