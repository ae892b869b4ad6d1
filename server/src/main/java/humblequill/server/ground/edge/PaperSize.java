package humblequill.server.ground.edge;

import humblequill.core.book.Format;

/** Reads the size of a paper from a request. */
public final class PaperSize {
  private PaperSize() {}

  /**
   * The size.
   *
   * @param paper by name or in centimetres
   * @throws Refusal if it is no size
   */
  public static Format read(String paper) {
    return Format.read(paper)
        .orElseThrow(
            () ->
                Refusal.badValue(
                    "paper",
                    paper,
                    "\"" + paper + "\" is no size: write A4, Letter or 21 x 29.7 cm."));
  }
}
