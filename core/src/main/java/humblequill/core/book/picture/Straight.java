package humblequill.core.book.picture;

import humblequill.core.book.Format;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * How a sheet is taken out of a picture and seen straight. The picture itself stays as it was.
 *
 * @param corners where the sheet lies, as shares of the picture as it is seen
 * @param ratio how wide the sheet is for its height
 * @param light how the light falls on it, to be evened out; empty to leave it
 */
public record Straight(Corners corners, double ratio, Optional<EvenLight> light) {
  /** The narrowest sheet for its height, and the other way round. */
  private static final double MOST_RATIO = 10;

  public Straight {
    if (!(ratio >= 1 / MOST_RATIO && ratio <= MOST_RATIO)) {
      throw new InvalidException(Message.of("book.sheetTooWide", "ratio", ratio));
    }
  }

  /**
   * How wide the sheet is for its height: as the book's pages are where its format is known,
   * upright or lying, one page or two side by side, whichever comes next to what is seen.
   *
   * @param width of the picture in dots
   * @param height of the picture in dots
   */
  public static double ratio(Corners corners, double width, double height, Optional<Format> page) {
    double guess =
        Math.max(1 / MOST_RATIO, Math.min(MOST_RATIO, corners.guessedRatio(width, height)));
    if (page.isEmpty()) {
      return guess;
    }
    double one = (double) page.get().widthMm() / page.get().heightMm();
    return DoubleStream.of(one, 1 / one, 2 * one, 2 / one, one / 2)
        .filter(r -> r >= 1 / MOST_RATIO && r <= MOST_RATIO)
        .boxed()
        .min(Comparator.comparing(r -> Math.abs(Math.log(r / guess))))
        .orElse(guess);
  }

  /** The same after the picture was turned a quarter to the right. */
  public Straight turnedRight() {
    return new Straight(corners.turnedRight(), 1 / ratio, light.map(EvenLight::turnedRight));
  }

  /**
   * How large it is seen, in dots.
   *
   * @param longest edge at most
   * @param width of the picture in dots
   * @param height of the picture in dots
   */
  public Size size(int longest, double width, double height) {
    double edge = Math.min(longest, corners.longestSide(width, height));
    return new Size(
        (int) Math.max(1, Math.round(ratio < 1 ? edge * ratio : edge)),
        (int) Math.max(1, Math.round(ratio < 1 ? edge : edge / ratio)));
  }

  /** Width and height in dots. */
  public record Size(int width, int height) {}
}
