package humblequill.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class SheetStripTest {
  private static SheetPdf.Tile tile(Color color, int width, int height, String caption) {
    return new SheetPdf.Tile() {
      @Override
      public byte[] picture(int longestDots) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
          for (int x = 0; x < width; x++) {
            image.setRGB(x, y, color.getRGB());
          }
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
      }

      @Override
      public String caption() {
        return caption;
      }
    };
  }

  /** Read back by the JDK: every picture as high as the others, in its order, none distorted. */
  @Test
  void pictures_stand_side_by_side_at_one_height() throws IOException {
    var png =
        SheetStrip.png(
            "Thirty hands",
            List.of(
                tile(Color.RED, 100, 200, "first"),
                tile(
                    Color.GREEN,
                    400,
                    200,
                    "a caption that is far too long for one picture ".repeat(9)),
                tile(Color.BLUE, 30, 20, "")));
    var strip = ImageIO.read(new ByteArrayInputStream(png));
    int y = strip.getHeight() / 2;
    int[] runs = new int[3];
    var colors = List.of(Color.RED.getRGB(), Color.GREEN.getRGB(), Color.BLUE.getRGB());
    int last = -1;
    for (int x = 0; x < strip.getWidth(); x++) {
      int at = colors.indexOf(strip.getRGB(x, y));
      if (at >= 0) {
        assertThat(at).isGreaterThanOrEqualTo(last);
        last = at;
        runs[at]++;
      }
    }
    assertThat(runs).containsExactly(260, 1040, 780);
  }
}
