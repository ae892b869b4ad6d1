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
      var reference = Reference.of(seed, kind, Reference.Foreshortening.ANY, View.ANY);
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
      assertThat(Reference.of(seed, kind, Reference.Foreshortening.ANY, View.ANY).drawing().svg())
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
      little +=
          Reference.of(seed, kind, Reference.Foreshortening.LITTLE, View.ANY).foreshortening();
      much += Reference.of(seed, kind, Reference.Foreshortening.MUCH, View.ANY).foreshortening();
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

  private static double aside(Reference r) {
    return r.landmarks().get("left shoulder").x() - r.landmarks().get("right shoulder").x();
  }

  /** One's own left is on the right of who looks at the front: a fact, common practice. */
  @ParameterizedTest
  @EnumSource(names = {"STANDING", "SITTING", "ACTION"})
  void a_wish_for_a_side_is_met(Reference.Kind kind) {
    double front = 0;
    double threeQuarter = 0;
    double side = 0;
    for (long seed = 1; seed <= 40; seed++) {
      var any = Reference.Foreshortening.ANY;
      double seen = aside(Reference.of(seed, kind, any, View.FRONT));
      assertThat(seen).as("front of %d", seed).isPositive();
      assertThat(aside(Reference.of(seed, kind, any, View.BACK)))
          .as("back of %d", seed)
          .isNegative();
      front += seen;
      threeQuarter += aside(Reference.of(seed, kind, any, View.THREE_QUARTER));
      side += Math.abs(aside(Reference.of(seed, kind, any, View.SIDE)));
    }
    assertThat(threeQuarter).isBetween(0.4 * front, front);
    assertThat(side).isLessThan(0.6 * threeQuarter);
  }

  /** From above the ground rises in the picture: the eye level lies above the middle. */
  @Test
  void a_wish_for_a_height_is_met() {
    for (long seed = 1; seed <= 40; seed++) {
      var any = Reference.Foreshortening.ANY;
      var kind = Reference.Kind.STANDING;
      assertThat(Reference.of(seed, kind, any, View.ABOVE).cameraHeight().orElseThrow())
          .isGreaterThan(1);
      assertThat(Reference.of(seed, kind, any, View.BELOW).cameraHeight().orElseThrow())
          .isLessThan(0.1);
    }
  }

  /** A skeleton has the same joints as the figure it stands in. */
  @ParameterizedTest
  @EnumSource(names = {"STANDING", "SITTING", "LYING", "ACTION"})
  void bones_lie_within_their_figure(Reference.Kind kind) {
    for (long seed = 1; seed <= 6; seed++) {
      var any = Reference.Foreshortening.ANY;
      var figure = Reference.of(seed, kind, any, View.ANY);
      var bones = Reference.bones(seed, kind, any, View.ANY);
      assertThat(bones.landmarks()).isEqualTo(figure.landmarks());
      assertThat(bones.drawing().svg(false)).doesNotContain("<rect");
      double[] flesh = extent(figure.drawing());
      double[] bone = extent(bones.drawing());
      assertThat(bone[0]).isGreaterThan(flesh[0] - 10);
      assertThat(bone[1]).isGreaterThan(flesh[1] - 10);
      assertThat(bone[2]).isLessThan(flesh[2] + 10);
      assertThat(bone[3]).isLessThan(flesh[3] + 10);
    }
  }

  private static double[] extent(Drawing drawing) {
    double[] box = {1e9, 1e9, -1e9, -1e9};
    for (var shape : drawing.shapes()) {
      for (var row : shape.rows()) {
        for (int i = 0; i < row.length; i += 2) {
          box[0] = Math.min(box[0], row[i]);
          box[1] = Math.min(box[1], row[i + 1]);
          box[2] = Math.max(box[2], row[i]);
          box[3] = Math.max(box[3], row[i + 1]);
        }
      }
    }
    return box;
  }
}
