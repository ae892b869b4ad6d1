package humblequill.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import com.lowagie.text.pdf.PRStream;
import com.lowagie.text.pdf.PdfName;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import humblequill.core.book.SheetLayout;
import humblequill.server.book.picture.Pictures;
import java.awt.Font;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sheets read back by another library than the one that writes them. */
class SheetPdfTest {
  private record Made(byte[] picture, String caption) implements SheetPdf.Tile {
    @Override
    public byte[] picture(int longestDots) {
      return picture;
    }
  }

  private static PdfReader read(
      SheetLayout.Paper paper, int perSheet, String title, List<Made> tiles) throws IOException {
    var out = new ByteArrayOutputStream();
    try (var pdf = new SheetPdf(SheetLayout.of(paper, perSheet), title)) {
      pdf.write(title, List.copyOf(tiles), out);
    }
    return new PdfReader(out.toByteArray());
  }

  /** ISO 216: 210 × 297 mm = 595.28 × 841.89 points; Letter: 8½ × 11 in = 612 × 792 points. */
  @ParameterizedTest
  @CsvSource({
    "A4, 12, 30, 3, 595.28, 841.89",
    "LETTER, 30, 30, 1, 612, 792",
    "A4, 1, 3, 3, 595.28, 841.89",
    "A4, 5, 7, 2, 595.28, 841.89"
  })
  void sheets_sizes_and_pictures(
      SheetLayout.Paper paper, int perSheet, int pictures, int sheets, double width, double height)
      throws IOException {
    var tiles = new ArrayList<Made>();
    for (int i = 0; i < pictures; i++) {
      tiles.add(new Made(Pictures.jpeg(100 + i), "p " + (i + 1)));
    }
    var reader = read(paper, perSheet, "Thirty gestures", tiles);
    assertThat(reader.getNumberOfPages()).isEqualTo(sheets);
    assertThat((double) reader.getPageSize(1).getWidth()).isCloseTo(width, within(0.5));
    assertThat((double) reader.getPageSize(1).getHeight()).isCloseTo(height, within(0.5));
    assertThat(images(reader)).isEqualTo(pictures);
    var text = new PdfTextExtractor(reader);
    assertThat(text.getTextFromPage(1)).contains("Thirty gestures", "p 1");
    assertThat(text.getTextFromPage(sheets)).contains("p " + pictures);
  }

  private static int images(PdfReader reader) {
    int count = 0;
    for (int i = 0; i < reader.getXrefSize(); i++) {
      if (reader.getPdfObject(i) instanceof PRStream stream
          && PdfName.IMAGE.equals(stream.get(PdfName.SUBTYPE))) {
        count++;
      }
    }
    return count;
  }

  @Test
  void letters_of_several_languages_are_written() throws IOException {
    var words = "Łódź, Ærø, Škoda č · 12× “quoted”";
    var reader = read(SheetLayout.Paper.A4, 2, "Größe", List.of(new Made(new byte[0], words)));
    var text = new PdfTextExtractor(reader).getTextFromPage(1);
    assertThat(text).contains("Größe");
    assertThat(text.replace(" ", "")).contains(words.replace(" ", ""));
    var many = "Лодка Ωμέγα Thuyền";
    var other = read(SheetLayout.Paper.A4, 2, many, List.of(new Made(new byte[0], "x")));
    assertThat(new PdfTextExtractor(other).getTextFromPage(1).replace(" ", ""))
        .contains(many.replace(" ", ""));
  }

  /** U+0378 is no letter (Unicode 17, Greek and Coptic): no font can have it. */
  @Test
  void what_no_font_has_stands_as_a_question_mark_and_is_told() throws IOException {
    var reader = read(SheetLayout.Paper.A4, 2, "a\u0378b", List.of(new Made(new byte[0], "x")));
    assertThat(new PdfTextExtractor(reader).getTextFromPage(1)).contains("a?b");
    assertThat(Lettering.missing("a\u0378b\u0378 Łódź")).containsExactly("\u0378");
  }

  @Test
  void an_accent_belongs_to_its_letter_and_what_has_no_shape_is_left_out() throws IOException {
    var words = "cafe\u0301 \u202eport\ufe0f\tside";
    var reader = read(SheetLayout.Paper.A4, 2, words, List.of(new Made(new byte[0], "x")));
    assertThat(new PdfTextExtractor(reader).getTextFromPage(1)).contains("café port side");
  }

  /** What our fonts lack is drawn from those of the machine, where it has them. */
  @Test
  void words_written_from_the_right_are_one_piece() {
    assumeThat(new Font(Font.SANS_SERIF, Font.PLAIN, 1).canDisplayUpTo("ספר הנמל")).isEqualTo(-1);
    var runs = Lettering.runs("ספר הנמל");
    assertThat(runs).hasSize(1);
    assertThat(runs.get(0).byTheMachine()).isTrue();
    assertThat(runs.get(0).text()).isEqualTo("ספר הנמל");
  }

  @Test
  void words_too_long_are_shortened_and_no_sheet_takes_none() throws IOException {
    var long_ = "cranes ".repeat(60).strip();
    var reader = read(SheetLayout.Paper.A4, 30, long_, List.of(new Made(new byte[0], long_)));
    assertThat(new PdfTextExtractor(reader).getTextFromPage(1)).contains("…");
    assertThatThrownBy(() -> SheetLayout.of(SheetLayout.Paper.A4, 0))
        .hasMessageContaining("pictures=0");
    assertThatThrownBy(() -> SheetLayout.of(SheetLayout.Paper.A4, 31))
        .hasMessageContaining("pictures=31");
  }
}
