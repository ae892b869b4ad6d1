package humblequill.core.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.parsers.DocumentBuilderFactory;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Pictures of the cabinet: true projection, sound drawing. */
class ReferenceTest {
  /** An eye 1 high and 5 away, a lens as long as the frame is wide: worked out by hand. */
  @ParameterizedTest
  @CsvSource({
    "0, 1, 0, 500, 500",
    "1, 1, 0, 700, 500",
    "0, 2, 0, 500, 300",
    "1, 1, 2.5, 900, 500",
    "-1, 0, -5, 400, 600"
  })
  void points_are_seen_where_central_projection_puts_them(
      double x, double y, double z, double seenX, double seenY) {
    var camera = new Camera(new Vector3D(0, 1, 5), new Vector3D(0, 1, 0), 36, 1000);
    var seen = camera.see(new Vector3D(x, y, z));
    assertThat(seen.x()).isCloseTo(seenX, within(1e-9));
    assertThat(seen.y()).isCloseTo(seenY, within(1e-9));
    assertThat(camera.eyeLevel()).isCloseTo(500, within(1e-9));
  }

  /** Parallels that lead away meet on the eye level: a fact of perspective. */
  @Test
  void level_lines_run_to_the_eye_level() {
    var camera = Camera.around(new Vector3D(0, 0.5, 0), 30, 1.5, 4, 50, 1000);
    var far = camera.see(new Vector3D(-5e5, 0, -1e6));
    assertThat(far.y()).isCloseTo(camera.eyeLevel(), within(0.01));
  }

  @Test
  void shade_ends_where_the_brightness_passes_the_limit() {
    double[] square = {0, 0, 10, 0, 10, 10, 0, 10};
    double[] brightness = {0, 1, 1, 0};
    assertThat(Areas.darker(square, brightness, 0.3)).containsExactly(0, 0, 3, 0, 3, 10, 0, 10);
    assertThat(Areas.darker(square, brightness, -0.1)).isEmpty();
    assertThat(Areas.darker(square, brightness, 2)).containsExactly(square);
  }

  @ParameterizedTest
  @EnumSource(Reference.Kind.class)
  void every_kind_fills_its_sheet_and_knows_its_landmarks(Reference.Kind kind) throws Exception {
    for (long seed = 1; seed <= 12; seed++) {
      var reference = Reference.of(seed, kind, Reference.Foreshortening.ANY);
      if (kind.figure()) {
        assertThat(reference.landmarks()).hasSize(15);
      } else {
        assertThat(reference.landmarks()).hasSizeGreaterThanOrEqualTo(7);
      }
      reference
          .landmarks()
          .forEach(
              (name, p) -> {
                assertThat(p.x()).as(name).isBetween(0.0, 1000.0);
                assertThat(p.y()).as(name).isBetween(0.0, 1000.0);
              });
      var xml = reference.drawing().svg().getBytes(StandardCharsets.UTF_8);
      var document =
          DocumentBuilderFactory.newInstance()
              .newDocumentBuilder()
              .parse(new ByteArrayInputStream(xml));
      assertThat(document.getElementsByTagName("path").getLength()).isGreaterThan(3);
      assertThat(Reference.of(seed, kind, Reference.Foreshortening.ANY).drawing().svg())
          .as("the same seed, the same picture")
          .isEqualTo(reference.drawing().svg());
    }
  }

  @Test
  void a_wish_for_foreshortening_is_met() {
    double little = 0;
    double much = 0;
    for (long seed = 0; seed < 40; seed++) {
      var kind = Reference.Kind.values()[(int) (seed % 4)];
      little += Reference.of(seed, kind, Reference.Foreshortening.LITTLE).foreshortening();
      much += Reference.of(seed, kind, Reference.Foreshortening.MUCH).foreshortening();
    }
    assertThat(much / 40).isGreaterThan(little / 40 + 0.15);
  }

  /** A cube from a corner shows three faces: a fact of geometry. */
  @Test
  void a_cube_shows_three_faces_and_nine_edges() {
    var cube = Solids.box(1, 1, 1).parts().get(0);
    var camera = new Camera(new Vector3D(3, 3, 3), Vector3D.ZERO, 50, 1000);
    var drawing =
        new Renderer(camera, new Vector3D(0.2, 1, 0.5)).draw(java.util.List.of(cube), true);
    assertThat(drawing.shapes())
        .filteredOn(s -> !s.ink().line() && s.ink() != Drawing.Ink.CAST)
        .as("each face in its own light")
        .hasSize(3);
  }
}
