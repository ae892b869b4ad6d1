package humblequill.server.sitting;

import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.name.Name;
import humblequill.core.sitting.Drill;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a sitting begins with.
 *
 * @param id made by the client; the entry gets the same
 * @param title what is drawn, for the head of the page; the words of the prompt if there is one
 * @param exerciseId exercise of the course, if it belongs to one
 * @param topic topic by name, where there is no exercise
 * @param timeOnly whether minutes are logged without a count, as for a lesson
 * @param free whether it is begun of itself, neither for a share nor for a promise; such a sitting
 *     is offered again
 * @param aim the one thing to look for
 * @param energy 1 to 5, before it begins
 * @param dread how hard it seems, 1 not at all to 5 very
 * @param cue what made the learner sit down
 * @param where it is
 * @param little whether it is the smallest page of a day with little energy, after which nothing is
 *     asked
 * @param book book it is drawn in, by name
 * @param resource what is learned from, by name
 * @param unit in what the resource is counted
 * @param unitFrom which unit of it; needed with a unit
 * @param page page of the first drawing, where each fills one; null where pages are not told
 * @param promptId prompt that is drawn; it is ticked once something was
 * @param references where references come from
 * @param referenceSet the set of references it draws from; null for none
 * @param cabinet what the cabinet shows
 * @param emphasis what is asked of it; null counts as any
 * @param view from where it is seen; null counts as any
 * @param seed which references, in which order
 */
record BegunSitting(
    @NotNull UUID id,
    @NotNull @Valid SittingPlan plan,
    @NotBlank @Size(max = 400) String title,
    @Nullable @Size(max = 80) String exerciseId,
    @Nullable @Size(max = Name.MAX_TEXT) String topic,
    boolean timeOnly,
    @Nullable Boolean free,
    @NotNull @Size(max = 400) String aim,
    @Nullable @Min(1) @Max(5) Integer energy,
    @Nullable @Min(1) @Max(5) Integer dread,
    @NotNull @Size(max = 200) String cue,
    @Nullable @Size(max = 120) String where,
    @Nullable Boolean little,
    @NotNull Drill drill,
    @Nullable @Size(max = Name.MAX_TEXT) String source,
    @Nullable @Size(max = Name.MAX_TEXT) String medium,
    @Nullable @Size(max = Name.MAX_TEXT) String book,
    @Nullable @Size(max = Name.MAX_TEXT) String resource,
    @Nullable UnitKind unit,
    @Nullable @Min(1) @Max(Units.MOST) Integer unitFrom,
    @Nullable @Min(1) @Max(PageSpan.MAX_PAGE) Integer page,
    @Nullable UUID promptId,
    @NotNull References references,
    @Nullable UUID referenceSet,
    Reference.@Nullable Kind cabinet,
    @Nullable Emphasis emphasis,
    @Nullable View view,
    long seed) {
  /** Where references come from. */
  enum References {
    /** From in front of the learner, or from the head. */
    NONE,
    /** From the cabinet. */
    CABINET,
    /** From the learner's own folder. */
    FOLDER
  }
}
