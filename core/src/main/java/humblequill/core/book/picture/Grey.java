package humblequill.core.book.picture;

/**
 * A picture in grey.
 *
 * @param light row by row, 0 black to 255 white
 */
public record Grey(int width, int height, int[] light) {
  public Grey {
    if (width < 1 || height < 1 || light.length != width * height) {
      throw new IllegalArgumentException("A picture of %d x %d".formatted(width, height));
    }
  }

  int at(int x, int y) {
    return light[y * width + x];
  }
}
