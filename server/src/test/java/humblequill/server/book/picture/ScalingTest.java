package humblequill.server.book.picture;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.demo.CameraExif;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScalingTest {
  @TempDir Path folder;

  /**
   * Where row 0 and column 0 of the stored picture are seen, from the table of the tag Orientation
   * in EXIF 2.3 (JEITA CP-3451C, 4.6.4): 1 top, left; 2 top, right; 3 bottom, right; 4 bottom,
   * left; 5 left, top; 6 right, top; 7 right, bottom; 8 left, bottom.
   */
  @ParameterizedTest
  @CsvSource({
    "1, top, left",
    "2, top, right",
    "3, bottom, right",
    "4, bottom, left",
    "5, left, top",
    "6, right, top",
    "7, right, bottom",
    "8, left, bottom"
  })
  void every_orientation_is_seen_upright(int turn, String row0, String column0) throws IOException {
    var seen = Pictures.quarters(120, 200);
    var file = folder.resolve("turned.jpg");
    var stored = stored(seen, row0, column0);
    Files.write(
        file, CameraExif.into(Pictures.encoded(stored, "jpeg"), turn, "2026:03:05 07:30:00"));
    var camera = CameraFacts.of(file);
    assertThat(camera.turn()).isEqualTo(turn);
    assertThat(camera.taken()).contains(LocalDateTime.of(2026, 3, 5, 7, 30));
    var upright = Scaling.upright(file, 1000, camera.turn());
    assertThat(upright.getWidth()).isEqualTo(120);
    assertThat(upright.getHeight()).isEqualTo(200);
    assertColors(upright);
    assertColors(Scaling.upright(file, 50, camera.turn()));
  }

  /** Writes what is seen row by row as a camera held that way would store it. */
  private static BufferedImage stored(BufferedImage seen, String row0, String column0) {
    boolean lying = row0.equals("left") || row0.equals("right");
    int width = lying ? seen.getHeight() : seen.getWidth();
    int height = lying ? seen.getWidth() : seen.getHeight();
    var stored = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int row = 0; row < height; row++) {
      for (int column = 0; column < width; column++) {
        int across = lying ? row : column;
        int down = lying ? column : row;
        boolean fromRight = (lying ? row0 : column0).equals("right");
        boolean fromBottom = (lying ? column0 : row0).equals("bottom");
        int x = fromRight ? seen.getWidth() - 1 - across : across;
        int y = fromBottom ? seen.getHeight() - 1 - down : down;
        stored.setRGB(column, row, seen.getRGB(x, y));
      }
    }
    return stored;
  }

  private static void assertColors(BufferedImage image) {
    assertThat(nearest(image, .25, .25)).isEqualTo(Color.RED);
    assertThat(nearest(image, .75, .25)).isEqualTo(Color.GREEN);
    assertThat(nearest(image, .25, .75)).isEqualTo(Color.BLUE);
    assertThat(nearest(image, .75, .75)).isEqualTo(Color.WHITE);
  }

  private static Color nearest(BufferedImage image, double x, double y) {
    var seen = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
    return new Color(
        seen.getRed() > 127 ? 255 : 0,
        seen.getGreen() > 127 ? 255 : 0,
        seen.getBlue() > 127 ? 255 : 0);
  }

  @Test
  void a_small_picture_holds_nothing_the_camera_wrote() throws IOException {
    var file = folder.resolve("one.jpg");
    Files.write(file, Pictures.jpeg(5));
    var small = folder.resolve("small.jpg");
    Files.write(small, Scaling.jpeg(Scaling.upright(file, 40, 1)));
    assertThat(CameraFacts.of(small).taken()).isEmpty();
    assertThat(new String(Files.readAllBytes(small), java.nio.charset.StandardCharsets.ISO_8859_1))
        .doesNotContain("Exif");
  }

  @Test
  void a_file_that_tells_nonsense_is_upright_and_of_no_time() throws IOException {
    var file = folder.resolve("odd.jpg");
    var plain = Pictures.encoded(Pictures.quarters(20, 20), "jpeg");
    Files.write(file, CameraExif.into(plain, 77, "0000:00:00 99:99:99"));
    assertThat(CameraFacts.of(file)).isEqualTo(new CameraFacts(1, java.util.Optional.empty()));
    Files.write(file, Pictures.encoded(Pictures.quarters(20, 20), "png"));
    assertThat(CameraFacts.of(file).turn()).isEqualTo(1);
  }
}
