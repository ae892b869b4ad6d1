package humblequill.server.topic.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import humblequill.server.ground.edge.Refusal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Drawings that could run something: those that the SVG recommendation (W3C, SVG 1.1, chapters 14,
 * 17 to 19 and 23) names as ways to run or to fetch.
 */
class CleanSvgTest {
  private static final String HEAD =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 20 10\">";

  private static CleanSvg clean(String inside) {
    return CleanSvg.of(HEAD + inside + "</svg>");
  }

  @Test
  void lines_and_words_stay() {
    var drawing =
        clean(
            "<g fill=\"none\" stroke-width=\"2\"><path d=\"M0 0L5 5\"/><text x=\"1\" y=\"2\">a &lt; b</text></g>");
    assertThat(drawing.svg())
        .contains("<path d=\"M0 0L5 5\"></path>", "stroke-width=\"2\"", "a &lt; b");
    assertThat(drawing.ratio()).isCloseTo(2, within(1e-12));
    assertThat(drawing.leftOut()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<script>alert(1)</script>",
        "<foreignObject><div/></foreignObject>",
        "<a xlink:href=\"javascript:alert(1)\"><path d=\"M0 0\"/></a>",
        "<image href=\"http://elsewhere.example/a.png\" width=\"2\" height=\"2\"/>",
        "<use xlink:href=\"http://elsewhere.example/a.svg#b\"/>",
        "<animate attributeName=\"x\" to=\"5\"/>",
        "<set attributeName=\"href\" to=\"javascript:alert(1)\"/>",
        "<style>@import url(http://elsewhere.example/a.css);</style>",
        "<path onclick=\"alert(1)\" d=\"M0 0\"/>",
        "<path style=\"fill:url(http://elsewhere.example/a)\" d=\"M0 0\"/>",
        "<rect fill=\"url( 'http://elsewhere.example/a' )\" width=\"1\" height=\"1\"/>",
        "<h:iframe xmlns:h=\"http://www.w3.org/1999/xhtml\" src=\"http://elsewhere.example\"/>",
        "<filter id=\"f\"><feImage href=\"http://elsewhere.example\"/></filter>"
      })
  void what_could_run_or_fetch_is_left_out_and_said(String dangerous) {
    var drawing = clean(dangerous + "<circle r=\"3\"/>");
    assertThat(drawing.leftOut()).isNotEmpty();
    assertThat(drawing.svg())
        .contains("<circle r=\"3\">")
        .doesNotContain("alert", "elsewhere", "javascript", "script", "import", "onclick");
  }

  @Test
  void what_is_left_out_takes_nothing_else_with_it() {
    var drawing = clean("<g><script><g/></script><path d=\"M1 1\"/></g><line x1=\"1\"/>");
    assertThat(drawing.svg()).contains("<g><path d=\"M1 1\"></path></g><line x1=\"1\"></line>");
    assertThat(drawing.leftOut()).isEqualTo(List.of("script"));
  }

  @Test
  void gradients_within_the_drawing_stay() {
    assertThat(clean("<rect fill=\"url(#a)\"/>").svg()).contains("fill=\"url(#a)\"");
  }

  @Test
  void a_size_may_be_told_in_lengths() {
    var drawing =
        CleanSvg.of("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"210mm\" height=\"297mm\"/>");
    assertThat(drawing.ratio()).isCloseTo(210.0 / 297, within(1e-12));
    assertThat(drawing.svg()).contains("viewBox=\"0.0 0.0 210.0 297.0\"");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<!DOCTYPE svg [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><svg viewBox=\"0 0 1 1\">&b;</svg>",
        "<html><svg viewBox=\"0 0 1 1\"/></html>",
        "<svg xmlns=\"http://www.w3.org/2000/svg\"/>",
        "<svg viewBox=\"0 0 0 5\"/>",
        "<svg viewBox=\"0 0 NaN 5\"/>",
        "<svg viewBox=\"0 0 1e308 1e-308\"/>",
        "<svg viewBox=\"0 0 1 21\"/>",
        "<svg viewBox=\"0 0 10 10\">",
        "no drawing",
        ""
      })
  void what_is_no_drawing_is_refused(String text) {
    assertThatThrownBy(() -> CleanSvg.of(text)).isInstanceOf(Refusal.class);
  }

  @Test
  void a_drawing_as_deep_as_a_well_is_refused() {
    assertThatThrownBy(() -> clean("<g>".repeat(300) + "</g>".repeat(300)))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining("200");
  }

  /** What ships is clean, so that reading it in again changes no line of it. */
  @Test
  void plates_that_ship_leave_nothing_out() {
    for (var plate : new ShippedPlates().plates()) {
      var again = CleanSvg.of(ShippedPlates.svg(plate.plate().id()));
      assertThat(again.leftOut()).as(plate.plate().id()).isEmpty();
      assertThat(again.ratio()).isCloseTo(plate.plate().ratio(), within(0.001));
    }
  }
}
