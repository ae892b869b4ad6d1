package humblequill.server.bench.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.lowagie.text.pdf.PdfReader;
import humblequill.core.bench.measure.SquareGrid;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The grid as a document. */
class GridPdfTest {
  /** Read by another library: A4 is 595.28 x 841.89 points, a millimetre 72 / 25.4 of them. */
  @Test
  void a_grid_is_printed_in_true_size() throws IOException {
    var grid = SquareGrid.of(10, 15, 210, 297, 10, 4);
    var reader = new PdfReader(GridPdf.of(grid, 210, 297));
    assertThat(reader.getNumberOfPages()).isEqualTo(1);
    assertThat((double) reader.getPageSize(1).getWidth()).isCloseTo(595.28, within(0.5));
    assertThat((double) reader.getPageSize(1).getHeight()).isCloseTo(841.89, within(0.5));
    var drawn = new String(reader.getPageContent(1), StandardCharsets.ISO_8859_1);
    var begins = Pattern.compile("([0-9.]+) ([0-9.]+) m\\b").matcher(drawn);
    double first = 0;
    double second = 0;
    for (int i = 0; i < 2; i++) {
      assertThat(begins.find()).isTrue();
      first = second;
      second = Double.parseDouble(begins.group(1));
    }
    assertThat(second - first)
        .as("a square of 277 / 6 mm")
        .isCloseTo(277.0 / 6 * 72 / 25.4, within(0.01));
  }
}
