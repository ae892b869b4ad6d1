package humblequill.core.sitting.cabinet;

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
      var reference = Reference.of(seed, kind, Emphasis.ANY, View.ANY);
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
      assertThat(Reference.of(seed, kind, Emphasis.ANY, View.ANY).drawing().svg())
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
      little += Reference.of(seed, kind, Emphasis.LITTLE, View.ANY).foreshortening();
      much += Reference.of(seed, kind, Emphasis.MUCH, View.ANY).foreshortening();
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
      var any = Emphasis.ANY;
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
      var any = Emphasis.ANY;
      var kind = Reference.Kind.STANDING;
      assertThat(Reference.of(seed, kind, any, View.ABOVE).cameraHeight().orElseThrow())
          .isGreaterThan(1);
      assertThat(Reference.of(seed, kind, any, View.BELOW).cameraHeight().orElseThrow())
          .isLessThan(0.1);
    }
  }

  /** What is no figure has neither legs nor shoulders: it is shown as it comes. */
  @ParameterizedTest
  @EnumSource
  void everything_can_be_asked_of_every_kind(Reference.Kind kind) {
    for (var emphasis : Emphasis.values()) {
      for (long seed = 1; seed <= 3; seed++) {
        var asked = Reference.of(seed, kind, emphasis, View.ANY);
        assertThat(asked.landmarks()).isNotEmpty();
        if (emphasis.ofFigures() && !kind.figure()) {
          assertThat(asked.landmarks())
              .isEqualTo(Reference.of(seed, kind, Emphasis.ANY, View.ANY).landmarks());
        }
      }
    }
  }

  /** What is laid in has the same joints as the figure. */
  @ParameterizedTest
  @EnumSource(names = {"STANDING", "SITTING", "LYING", "ACTION"})
  void each_layer_lies_within_its_figure(Reference.Kind kind) {
    for (long seed = 1; seed <= 6; seed++) {
      var any = Emphasis.ANY;
      var figure = Reference.of(seed, kind, any, View.ANY);
      double[] flesh = extent(figure.drawing());
      for (var layer : StudyLayer.values()) {
        var laidIn = Reference.within(seed, kind, any, View.ANY, layer);
        assertThat(laidIn.landmarks()).isEqualTo(figure.landmarks());
        assertThat(laidIn.drawing().svg(false)).doesNotContain("<rect");
        double[] inner = extent(laidIn.drawing());
        double beyond = layer == StudyLayer.BLOCKS ? 45 : 10;
        assertThat(inner[0]).as("%s %d", layer, seed).isGreaterThan(flesh[0] - beyond);
        assertThat(inner[1]).as("%s %d", layer, seed).isGreaterThan(flesh[1] - beyond);
        assertThat(inner[2]).as("%s %d", layer, seed).isLessThan(flesh[2] + beyond);
        assertThat(inner[3]).as("%s %d", layer, seed).isLessThan(flesh[3] + beyond);
      }
    }
  }

  /** The line of action runs from the top of the head to a foot; axes join joints. A definition. */
  @Test
  void the_gesture_runs_from_head_to_foot_and_axes_from_joint_to_joint() {
    for (long seed = 1; seed <= 20; seed++) {
      var any = Emphasis.ANY;
      var kind = Reference.Kind.STANDING;
      var gesture = Reference.within(seed, kind, any, View.ANY, StudyLayer.GESTURE);
      var marks = gesture.landmarks();
      var line = gesture.drawing().shapes().get(0).rows().get(0);
      assertThat(at(line, 0)).isEqualTo(place(marks.get("head top")));
      assertThat(at(line, line.length - 2))
          .isIn(place(marks.get("left ankle")), place(marks.get("right ankle")));
      var axes = Reference.within(seed, kind, any, View.ANY, StudyLayer.AXES);
      var shoulders = axes.drawing().shapes().get(0).rows().get(0);
      assertThat(at(shoulders, 0)).isEqualTo(place(marks.get("left shoulder")));
      assertThat(at(shoulders, 2)).isEqualTo(place(marks.get("right shoulder")));
    }
  }

  private static java.util.List<Double> at(double[] row, int from) {
    return java.util.List.of(row[from], row[from + 1]);
  }

  private static java.util.List<Double> place(Camera.Seen seen) {
    return java.util.List.of(seen.x(), seen.y());
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
