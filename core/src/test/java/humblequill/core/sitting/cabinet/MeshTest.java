package humblequill.core.sitting.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Surfaces without holes, seen from the right side: facts of geometry. */
class MeshTest {
  static Stream<Mesh> surfaces() {
    var figures =
        Stream.of(Figures.Action.values())
            .flatMap(action -> FigureMesh.of(Figures.of(3, action).skeleton()).stream());
    var solids =
        Stream.of(
                Solids.box(1, 2, 3),
                Solids.turned(0.4, 0.4, 1),
                Solids.turned(0.4, 0.004, 1),
                Boat.of(0.35, 0.1),
                PlaneHead.of(0.95, 1.1, 1.05))
            .flatMap(s -> s.parts().stream());
    return Stream.concat(figures, solids);
  }

  private static double volume(Mesh mesh) {
    double volume = 0;
    for (var face : mesh.faces()) {
      var a = mesh.points()[face[0]];
      for (int i = 1; i < face.length - 1; i++) {
        var b = mesh.points()[face[i]];
        var c = mesh.points()[face[i + 1]];
        volume += a.dotProduct(b.crossProduct(c)) / 6;
      }
    }
    return volume;
  }

  /**
   * Euler: corners − edges + faces = 2 for each body; every edge has a face on either side, once
   * each way. With one end open it is 1, and the edges of that end have one face.
   */
  @ParameterizedTest
  @MethodSource("surfaces")
  void a_surface_is_closed_or_open_at_one_end(Mesh mesh) {
    var ways = new HashSet<List<Integer>>();
    var corners = new HashSet<Integer>();
    for (var face : mesh.faces()) {
      for (int i = 0; i < face.length; i++) {
        corners.add(face[i]);
        assertThat(ways.add(List.of(face[i], face[(i + 1) % face.length]))).isTrue();
      }
    }
    var open = ways.stream().filter(w -> !ways.contains(List.of(w.get(1), w.get(0)))).toList();
    assertThat(open.stream().map(w -> w.get(0)).distinct()).hasSameSizeAs(open);
    int edges = (ways.size() + open.size()) / 2;
    assertThat(corners.size() - edges + mesh.faces().size())
        .isEqualTo(open.isEmpty() ? 2 * bodies(mesh) : 1);
    assertThat(volume(mesh)).as("the outside is outside").isPositive();
  }

  /** How many bodies the faces make up: those that share corners are one. */
  private static int bodies(Mesh mesh) {
    var left = new ArrayList<>(mesh.faces());
    int bodies = 0;
    while (!left.isEmpty()) {
      bodies++;
      var corners = new HashSet<Integer>();
      IntStream.of(left.remove(0)).forEach(corners::add);
      boolean grown = true;
      while (grown) {
        grown = left.removeIf(face -> joins(face, corners));
      }
    }
    return bodies;
  }

  private static boolean joins(int[] face, HashSet<Integer> corners) {
    boolean joins = IntStream.of(face).anyMatch(corners::contains);
    if (joins) {
      IntStream.of(face).forEach(corners::add);
    }
    return joins;
  }

  @Test
  void a_box_has_its_volume_and_a_cylinder_nearly() {
    assertThat(volume(Solids.box(1, 2, 3).parts().get(0))).isCloseTo(6, within(1e-12));
    assertThat(volume(Solids.turned(0.5, 0.5, 2).parts().get(0)))
        .as("a prism of 48 sides: 24 · r² · sin 7.5° · h")
        .isCloseTo(24 * 0.25 * Math.sin(Math.toRadians(7.5)) * 2, within(1e-9));
  }

  @Test
  void normals_of_a_box_are_its_six_directions() {
    var normals = Solids.box(1, 1, 1).parts().get(0).normals();
    for (var axis :
        List.of(
            Vector3D.PLUS_I,
            Vector3D.MINUS_I,
            Vector3D.PLUS_J,
            Vector3D.MINUS_J,
            Vector3D.PLUS_K,
            Vector3D.MINUS_K)) {
      assertThat(normals).anyMatch(n -> n.distance(axis) < 1e-12);
    }
  }

  @Test
  void of_two_boxes_the_nearer_one_is_painted_last() {
    var near = Solids.box(1, 1, 1).placed(Turns.y(0), new Vector3D(0.2, 0.5, 1));
    var far = Solids.box(1, 1, 1).placed(Turns.y(0), new Vector3D(0, 0.5, -1));
    var camera = new Camera(new Vector3D(0, 1, 8), new Vector3D(0, 0.5, 0), 50, 1000);
    var meshes = List.of(near.parts().get(0), far.parts().get(0));
    var drawing = new Renderer(camera, new Vector3D(0.3, 1, 0.4)).draw(meshes, true);
    var areas = drawing.shapes().stream().filter(s -> !s.ink().line()).toList();
    var seen = camera.see(new Vector3D(0.7, 1, 1.5));
    assertThat(areas.get(areas.size() - 1).rows().get(0))
        .as("the last area has a corner of the nearer box")
        .contains(new double[] {seen.x()}, within(1.0));
  }

  /** A bench in a boat is never seen before its planks, however near it is. */
  @Test
  void what_lies_within_is_painted_first() {
    var bench = Solids.box(1, 1, 1).placed(Turns.y(0), new Vector3D(0.2, 0.5, 1)).parts().get(0);
    var planks = Solids.box(1, 1, 1).placed(Turns.y(0), new Vector3D(0, 0.5, -1)).parts().get(0);
    var inner = new BitSet();
    inner.set(0, bench.faces().size());
    var camera = new Camera(new Vector3D(0, 1, 8), new Vector3D(0, 0.5, 0), 50, 1000);
    var drawing =
        new Renderer(camera, new Vector3D(0.3, 1, 0.4))
            .draw(List.of(planks.with(bench.holding(inner))), false);
    var areas = drawing.shapes().stream().filter(s -> !s.ink().line()).toList();
    var seen = camera.see(new Vector3D(0.5, 0, -0.5));
    assertThat(areas.get(areas.size() - 1).rows().get(0))
        .as("the last area has a corner of the planks")
        .contains(new double[] {seen.x()}, within(1.0));
  }

  /** Optics: twice the focal length, twice the size; twice as far, half the size. */
  @Property(tries = 100)
  void size_goes_with_the_lens_and_against_the_distance(
      @ForAll @DoubleRange(min = 20, max = 100) double lens,
      @ForAll @DoubleRange(min = 2, max = 20) double distance) {
    double once = width(lens, distance);
    assertThat(width(2 * lens, distance)).isCloseTo(2 * once, within(1e-6));
    assertThat(width(lens, 2 * distance)).isCloseTo(once / 2, within(1e-6));
  }

  private static double width(double lens, double distance) {
    var camera = new Camera(new Vector3D(0, 0, distance), Vector3D.ZERO, lens, 1000);
    return camera.see(new Vector3D(0.5, 0, 0)).x() - camera.see(new Vector3D(-0.5, 0, 0)).x();
  }

  @Test
  void every_build_has_the_same_stature() {
    for (long seed = 0; seed < 500; seed++) {
      var b = Body.of(new SplittableRandom(seed));
      assertThat(b.hipHeight() + b.trunk() + b.neck() + b.head()).isCloseTo(1, within(1e-12));
      assertThat(b.girth()).isBetween(0.8, 1.3);
    }
  }

  /** The path of the picture is made of steps; walked, they lead through the points again. */
  @Test
  void a_path_of_steps_leads_through_its_points() {
    double[] row = {10, 20, 30.14, 19.96, -4, 7};
    var shape = new Drawing.Shape(Drawing.Ink.CONTOUR, List.of(row));
    var svg = new Drawing(100, List.of(shape)).svg();
    var path = svg.replaceAll("(?s).* d=\"([^\"]*)\".*", "$1");
    assertThat(path).isEqualTo("M100 200l201 0 -341-130");
  }
}
