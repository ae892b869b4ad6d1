package humblequill.server.ground.edge;

import humblequill.core.book.Format;
import humblequill.core.ground.message.Message;

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
                Refusal.badValue("paper", paper, Message.of("ground.noPaperSize", "paper", paper)));
  }
}
