package humblequill.server.bench;

import humblequill.core.bench.Finding;
import humblequill.core.bench.FindingChange;
import humblequill.core.bench.LineUp;
import humblequill.core.bench.Response;
import humblequill.core.bench.Sides;
import humblequill.core.bench.Similarity;
import humblequill.core.bench.Template.Layer;
import humblequill.core.bench.Way;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A comparison with what comes out of it.
 *
 * @param reference its picture and landmarks
 * @param attempt the drawing's picture; null without one, or where it is gone
 * @param attemptChanged whether the picture was straightened or turned since landmarks were placed
 * @param landmarks of the template, in their order
 * @param axes parts of the reference as they truly lie
 * @param plumb whether it is known on both what is upright
 * @param held what comes out; null while fewer than two landmarks are told on both
 * @param tries all attempts of the same reference, the first one first
 * @param rest whether several tries brought nothing new, so that a rest is offered
 */
record ComparisonView(
    UUID id,
    long version,
    LocalDate day,
    ComparisonFields fields,
    BenchPicture reference,
    @Nullable BenchPicture attempt,
    boolean attemptChanged,
    List<LandmarkView> landmarks,
    List<AxisView> axes,
    boolean plumb,
    @Nullable HeldView held,
    List<Try> tries,
    boolean rest) {
  /**
   * A picture.
   *
   * @param address where it is read; empty where it is gone
   * @param ratio width ÷ height
   * @param known whether the program knows the landmarks itself
   * @param keptPrivate whether its page is; no sheet to show around holds it
   */
  record BenchPicture(
      String address,
      double ratio,
      boolean known,
      boolean keptPrivate,
      List<ComparisonFields.LandmarkPlace> places) {}

  /**
   * A landmark that is asked for.
   *
   * @param proposed where the alignment would put it on the drawing; null without enough others
   */
  record LandmarkView(
      String name,
      Layer layer,
      boolean foundation,
      ComparisonFields.@Nullable LandmarkPlace proposed) {}

  /**
   * What comes out.
   *
   * @param first what to put right first, at most three
   * @param all all that is beyond the tolerance
   * @param over brings the attempt over the reference, in units of the reference's width
   * @param onFoundation whether it was laid over by the foundation alone
   * @param meanOffset mean distance of the landmarks from their places, as a share of the size
   * @param tilt how much of the tilts is drawn
   */
  record HeldView(
      Sides sides,
      List<FindingView> first,
      List<FindingView> all,
      List<PartView> parts,
      List<OffsetView> offsets,
      List<LineUp> lineUps,
      @Nullable LineUp kept,
      @Nullable Response tilt,
      List<MeasuredShare> depths,
      List<MeasuredShare> tapers,
      List<MeasuredShare> areas,
      Similarity over,
      boolean onFoundation,
      double meanOffset,
      int counting) {}

  /**
   * A difference beyond the tolerance.
   *
   * @param key by which it is refused
   * @param truth of the reference: degrees for a lean or tilt, 1 for a length, 0 for a place
   * @param yours the same of the attempt
   */
  record FindingView(
      String key, Finding.Kind kind, String subject, Layer layer, double truth, double yours) {
    static FindingView of(Finding f) {
      return new FindingView(f.key(), f.kind(), f.subject(), f.layer(), f.truth(), f.yours());
    }
  }

  /** Figures of a part. */
  record PartView(
      String name, Layer layer, double ratio, double tilt, double drawnTilt, double off) {}

  /** Where a landmark lies, as shares of the size. */
  record OffsetView(String name, double right, double down, boolean off) {}

  /**
   * A part of the reference as it truly lies.
   *
   * @param fromName landmark at its one end
   * @param toName landmark at its other end
   * @param tilt degrees from the nearer of plumb and level, clockwise positive
   * @param length share of the size
   */
  record AxisView(
      String name,
      Layer layer,
      String fromName,
      String toName,
      double tilt,
      boolean fromPlumb,
      double length) {}

  /** How much of a foreshortening, a narrowing or an area is drawn. */
  record MeasuredShare(String name, double share) {}

  /**
   * One attempt of the same reference.
   *
   * @param changes what became of differences since the measured try before
   */
  record Try(
      UUID id,
      LocalDate day,
      Way way,
      @Nullable Double meanOffset,
      @Nullable Integer findings,
      List<ChangedFinding> changes) {}

  /** What became of a difference; one that is gone stands as it was. */
  record ChangedFinding(FindingView finding, FindingChange.Became became) {}
}
