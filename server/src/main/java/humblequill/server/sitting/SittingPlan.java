package humblequill.server.sitting;

import humblequill.core.ground.message.Message;
import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.LadderBuilder;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A ladder as it is asked for. Which fields are needed depends on the kind.
 *
 * @param minutes all of it, breaks included; not for a ladder of one's own
 * @param secondsEach length of a pose, for quick poses and parts
 * @param rows rows of poses of a ladder of one's own
 * @param parts what is drawn in turn, for parts
 */
record SittingPlan(
    @NotNull Kind kind,
    @Nullable @Min(1) @Max(480) Integer minutes,
    @Nullable @Min(5) @Max(28_800) Integer secondsEach,
    @Nullable @Size(max = 40) List<@Valid @NotNull PoseRow> rows,
    @Nullable @Size(max = 12) List<@NotBlank @Size(max = 40) String> parts) {
  private static final List<String> USUAL_PARTS = List.of("hands", "feet", "torso");

  /** Kinds of ladders. */
  enum Kind {
    /** Poses of one length. */
    ALL_QUICK,
    /** From 30 seconds up. */
    CLIMBING,
    /** A thumbnail, then the drawing. */
    THUMBNAIL_THEN_FINISH,
    /** Parts of the reference in turn. */
    PARTS_ONLY,
    /** Look, hold, draw hidden, reveal. */
    MEMORY,
    /** A lesson: the own try, a look at the solution, once more after it. */
    ATTEMPT_FIRST,
    /** Rows of the learner's own. */
    OWN
  }

  /** Poses of one length. */
  record PoseRow(@Min(1) @Max(500) int count, @Min(5) @Max(28_800) int seconds) {}

  Ladder ladder(SittingSettings settings) {
    var builder =
        new LadderBuilder(settings.breakEveryMinutes() * 60, settings.breakMinutes() * 60);
    try {
      return switch (kind) {
        case ALL_QUICK -> builder.allQuick(seconds(), need("secondsEach", secondsEach));
        case CLIMBING -> builder.climbing(seconds());
        case THUMBNAIL_THEN_FINISH -> builder.thumbnailThenFinish(seconds());
        case PARTS_ONLY ->
            builder.partsOnly(
                seconds(),
                need("secondsEach", secondsEach),
                parts == null || parts.isEmpty() ? USUAL_PARTS : parts);
        case MEMORY -> builder.memory(seconds());
        case ATTEMPT_FIRST -> builder.attemptFirst(seconds());
        case OWN ->
            builder.own(
                need("rows", rows).stream()
                    .map(r -> new LadderBuilder.Poses(r.count(), r.seconds()))
                    .toList());
      };
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue("plan", kind, Message.of("sitting.noLadder", "why", Message.why(e)));
    }
  }

  private int seconds() {
    return need("minutes", minutes) * 60;
  }

  private <T> T need(String field, @Nullable T value) {
    if (value == null) {
      throw Refusal.badValue(
          field, "", Message.of("sitting.fieldMissing", "kind", kind, "field", field));
    }
    return value;
  }
}
