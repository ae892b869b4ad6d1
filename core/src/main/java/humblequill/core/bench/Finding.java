package humblequill.core.bench;

import humblequill.core.bench.Template.Layer;
import java.util.Locale;

/**
 * One difference beyond the tolerance.
 *
 * @param kind of what
 * @param subject the part, the landmark, or of a lean the template's name
 * @param layer when it is put right
 * @param truth of the reference: degrees from the plumb line for a lean, from the nearer axis for a
 *     tilt, 1 for a length, 0 for a place
 * @param yours the same of the attempt; of a place the share of the size to its side
 * @param weight how many times the tolerance it is off, above 1
 */
public record Finding(
    Kind kind, String subject, Layer layer, double truth, double yours, double weight) {
  /** What differs. */
  public enum Kind {
    /** The whole is turned against the plumb line. */
    LEAN,
    /** A part has another direction. */
    TILT,
    /** A part is longer or shorter than the others say. */
    LENGTH,
    /** A landmark lies aside, though every part is right. */
    PLACE
  }

  /** The same words for the same finding, so that it can be refused. */
  public String key() {
    return key(kind, subject);
  }

  static String key(Kind kind, String subject) {
    return kind.name().toLowerCase(Locale.ROOT) + " " + subject;
  }
}
