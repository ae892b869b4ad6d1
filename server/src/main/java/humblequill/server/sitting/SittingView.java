package humblequill.server.sitting;

import humblequill.core.sitting.Drill;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A sitting at the moment it was asked for. Times are milliseconds since 1970 by the server's
 * clock.
 *
 * @param now the moment
 * @param step index of the step under way; the number of steps once it is over
 * @param leftMillis what is left of that step
 * @param left what is left, break by break and pose by pose, from the step under way on; if it is
 *     paused, as if it went on now
 * @param drawings drawings it asks for
 * @param drawn drawings that count so far
 * @param events how often something was pressed; the next press says so
 * @param entryId the entry it wrote; null before its end, or when nothing was drawn
 * @param setUpMinutes what it cost beside drawing; null where nothing tells
 * @param poses lengths and counts, once it is over
 * @param felt how it was told to feel
 * @param little whether nothing is asked after it
 * @param known references whose landmarks are known; null without one
 */
public record SittingView(
    UUID id,
    LocalDate day,
    String title,
    String aim,
    Drill drill,
    long now,
    List<StepView> steps,
    int step,
    long leftMillis,
    List<Ahead> left,
    boolean paused,
    boolean over,
    int drawings,
    int drawn,
    int skipped,
    int events,
    int minutesDrawn,
    String poses,
    @Nullable UUID entryId,
    @Nullable Integer setUpMinutes,
    FeltView felt,
    boolean little,
    @Nullable KnownReferences known,
    boolean sound,
    boolean flash) {
  /**
   * How it was told to feel; each 1 to 5, null where it was not told.
   *
   * @param energyBefore 1 very low to 5 high
   * @param energyAfter the same at its end
   * @param dread how hard it seemed beforehand, 1 not at all to 5 very
   * @param was how hard it was in the end
   */
  public record FeltView(
      @Nullable Integer energyBefore,
      @Nullable Integer energyAfter,
      @Nullable Integer dread,
      @Nullable Integer was) {}

  /**
   * References of the cabinet that were drawn from; their landmarks are known.
   *
   * @param seed of the first one; the others follow
   */
  public record KnownReferences(
      long seed, int count, Reference.Kind cabinet, Emphasis emphasis, View view) {}

  /** One step. */
  public record StepView(
      Step.Kind kind, int seconds, int drawing, String part, boolean shows, boolean draws) {}

  /**
   * A step that is not over.
   *
   * @param ends when it ends
   * @param picture address of its reference; null without one
   */
  public record Ahead(int step, long ends, @Nullable String picture) {}
}
