package humblequill.server.sitting.reference;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.sitting.cabinet.Drawing;
import humblequill.core.sitting.cabinet.Drawing.Ink;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The dots of a picture, read back by the platform's own PNG reader. */
class CabinetPngTest {
  private static final int SIZE = 1200;

  private static BufferedImage picture(Ink ink) throws IOException {
    var rows = new ArrayList<double[]>();
    if (ink.line()) {
      rows.add(new double[] {100, 600.5, 1100, 600.5});
    } else {
      rows.add(new double[] {300, 300, 900, 300, 900, 900, 300, 900});
    }
    var drawing = new Drawing(SIZE, List.of(new Drawing.Shape(ink, rows)));
    return ImageIO.read(new ByteArrayInputStream(CabinetPng.of(drawing, SIZE)));
  }

  @ParameterizedTest
  @EnumSource(Ink.class)
  void every_ink_keeps_its_own_colour_and_the_paper_its_own(Ink ink) throws IOException {
    var image = picture(ink);
    assertThat(image.getRGB(600, 600) & 0xFFFFFF).isEqualTo(Drawing.colour(ink));
    assertThat(image.getRGB(10, 10) & 0xFFFFFF).isEqualTo(Drawing.paper());
  }

  @Test
  void a_smoothed_edge_lies_between_the_ink_and_the_paper() throws IOException {
    var slanting =
        new Drawing(
            SIZE,
            List.of(
                new Drawing.Shape(
                    Ink.CONTOUR, List.of(new double[] {100, 100, 1100, 700, 600, 1000}))));
    var image = ImageIO.read(new ByteArrayInputStream(CabinetPng.of(slanting, SIZE)));
    int ink = Drawing.colour(Ink.CONTOUR);
    for (int y = 0; y < SIZE; y++) {
      for (int x = 0; x < SIZE; x++) {
        int seen = image.getRGB(x, y);
        for (int shift = 0; shift <= 16; shift += 8) {
          assertThat(seen >> shift & 0xFF)
              .isBetween(ink >> shift & 0xFF, Drawing.paper() >> shift & 0xFF);
        }
      }
    }
  }
}
