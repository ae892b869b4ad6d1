package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** An open working boat, one unit long. Our own shape. */
final class Boat {
  private static final int SECTION = 14;
  private static final int STATIONS = 25;
  private static final int INSIDE = 8;

  /** Thickness of a boat's planks, as a share of its length. */
  private static final double SKIN = 0.012;

  /** The sides turn fastest at the keel, so the points of a section stand closer there. */
  private static final double CLOSER_AT_KEEL = 1.5;

  private Boat() {}

  /**
   * An open working boat along z with its thwarts, its stem at the front.
   *
   * @param beam breadth, as a share of its length
   * @param sheer how far the ends rise above the middle
   */
  static Solids.Solid of(double beam, double sheer) {
    var rings = new ArrayList<Vector3D[]>();
    for (int i = 0; i < STATIONS; i++) {
      double t = (double) i / (STATIONS - 1);
      double half = beam / 2 * Math.pow(Math.sin(Math.PI * Math.min(1, 0.22 + 0.78 * t)), 0.75);
      half = Math.max(0.004, half);
      double rail = 0.16 + sheer * Math.pow(2 * t - 0.9, 2);
      double keel = -0.10 + 0.10 * Math.pow(Math.max(0, (t - 0.78) / 0.22), 2);
      // The transom closes the boat at once, towards the stem its floor rises to the rail.
      double depth = i == 0 ? 0 : Math.min(1, Math.max(0, (0.96 - t) / 0.3));
      rings.add(section(half, rail, keel, -0.5 + t, 0.10 * t * t * t, depth));
    }
    var body =
        Mesh.loft(rings, false, new int[] {6, 12, 18}, new int[] {0, 2 * SECTION}).faceByFace();
    var inner = new BitSet();
    int around = rings.get(0).length;
    for (int f = 0; f < around * (STATIONS - 1); f++) {
      inner.set(f, f % around > 2 * SECTION);
    }
    body = body.holding(inner);
    for (int station : new int[] {7, 13}) {
      body = body.with(thwart(rings.get(station)));
    }
    var landmarks = new LinkedHashMap<String, Vector3D>();
    var stern = rings.get(0);
    var middle = rings.get(STATIONS / 2);
    var stem = rings.get(STATIONS - 1);
    landmarks.put("stern rail left", stern[2 * SECTION]);
    landmarks.put("stern rail right", stern[0]);
    landmarks.put("stern keel", stern[SECTION]);
    landmarks.put("rail amidships left", middle[2 * SECTION]);
    landmarks.put("rail amidships right", middle[0]);
    landmarks.put("keel amidships", middle[SECTION]);
    landmarks.put("stem head", stem[0]);
    landmarks.put("forefoot", stem[SECTION]);
    return new Solids.Solid(List.of(body), landmarks);
  }

  /** A section from rail to keel to rail, then back along the inside, deep by a share. */
  private static Vector3D[] section(
      double half, double rail, double keel, double z, double rake, double depth) {
    var points = new ArrayList<Vector3D>();
    for (int i = 0; i <= 2 * SECTION; i++) {
      double even = (double) (i - SECTION) / SECTION;
      double u = Math.signum(even) * Math.pow(Math.abs(even), CLOSER_AT_KEEL);
      points.add(side(u, half, rail, keel, z, rake));
    }
    double inside = Math.max(0.002, half - SKIN);
    double floor = rail - 0.002 - depth * (rail - keel - 3 * SKIN);
    for (int i = 0; i <= INSIDE; i++) {
      double u = 1 - 2.0 * i / INSIDE;
      var round = side(u, inside, rail - 0.001, floor, z, rake);
      // As the floor comes up it becomes level, or its edges would crowd at the rail.
      points.add(
          new Vector3D(
              depth * round.getX() + (1 - depth) * inside * u, round.getY(), round.getZ()));
    }
    return points.toArray(new Vector3D[0]);
  }

  /** A point of a side: 1 at the left rail, 0 at the keel, -1 at the right rail. */
  private static Vector3D side(
      double u, double half, double rail, double keel, double z, double rake) {
    double down = 1 - Math.abs(u);
    double breadth = half * Math.pow(1 - Math.pow(down, 2.2), 0.6) * Math.signum(u);
    return new Vector3D(breadth, rail + (keel - rail) * down, z + rake * (1 - down));
  }

  /** A bench from side to side, a little below the rail. */
  private static Mesh thwart(Vector3D[] section) {
    int last = section.length - 1;
    var left = section[last - INSIDE + 1];
    var right = section[last - 1];
    double width = 0.94 * (left.getX() - right.getX());
    var box = Solids.box(width, 0.014, 0.06).parts().get(0);
    var at = left.add(right).scalarMultiply(0.5);
    var inner = new BitSet();
    inner.set(0, box.faces().size());
    return Solids.Solid.moved(box, Turns.y(0), at).holding(inner);
  }
}
