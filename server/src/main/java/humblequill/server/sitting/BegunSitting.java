package humblequill.server.sitting;

import humblequill.core.cabinet.Reference;
import humblequill.core.sitting.Drill;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a sitting begins with.
 *
 * @param id made by the client; the entry gets the same
 * @param title what is drawn, for the head of the page
 * @param exerciseId exercise of the course, if it belongs to one
 * @param topic topic by name, where there is no exercise
 * @param timeOnly whether minutes are logged without a count, as for a lesson
 * @param aim the one thing to look for
 * @param energy 1 to 5, before it begins
 * @param cue what made the learner sit down
 * @param references where references come from
 * @param cabinet what the cabinet shows
 * @param seed which references, in which order
 */
record BegunSitting(
    @NotNull UUID id,
    @NotNull @Valid SittingPlan plan,
    @NotNull @Size(max = 200) String title,
    @Nullable @Size(max = 80) String exerciseId,
    @Nullable @Size(max = 120) String topic,
    boolean timeOnly,
    @NotNull @Size(max = 400) String aim,
    @Nullable @Min(1) @Max(5) Integer energy,
    @NotNull @Size(max = 200) String cue,
    @NotNull Drill drill,
    @Nullable @Size(max = 120) String source,
    @Nullable @Size(max = 120) String medium,
    @NotNull References references,
    Reference.@Nullable Kind cabinet,
    Reference.@Nullable Foreshortening foreshortening,
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
