package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A hand in a grip: its joints and volumes. Lengths are shares of the hand's own length, wrist to
 * the tip of the middle finger.
 *
 * <p>Lengths of the finger bones: A. Buryanov and V. Kotiuk, "Proportions of Hand Segments",
 * International Journal of Morphology 28(3), 2010, in millimetres; typed from memory of the
 * publication. The hand they belong to is 187 mm long; the skin over a tip adds 4 mm.
 */
final class Hand {
  /** First, middle and end bone of each finger, index to little, millimetres. */
  static final double[][] BONES = {
    {39.78, 22.38, 15.82}, {44.63, 26.33, 17.40}, {41.37, 25.65, 17.30}, {32.74, 18.11, 15.96}
  };

  /** Palm, first and end bone of the thumb, millimetres. */
  static final double[] THUMB_BONES = {46.22, 31.57, 21.67};

  static final double LENGTH = 187;
  static final double SKIN = 4;

  /** Knuckles: towards the thumb, from the wrist along the hand. */
  private static final double[][] KNUCKLES = {
    {0.155, 0.500}, {0.052, 0.506}, {-0.052, 0.478}, {-0.148, 0.428}
  };

  private static final double[] THICK = {0.047, 0.049, 0.046, 0.040};
  private static final int AROUND = 10;

  /** Along the palm: place, half breadth, half depth. Its rings slant with the knuckles. */
  private static final double[][] PALM = {
    {-0.06, 0.100, 0.075},
    {0.00, 0.145, 0.100},
    {0.10, 0.175, 0.108},
    {0.26, 0.200, 0.104},
    {0.40, 0.208, 0.090},
    {0.48, 0.203, 0.072},
    {0.53, 0.180, 0.045}
  };

  private static final double SLANT = 0.22;
  private static final double BULGE = 0.5;

  /** Along a bone: place, half breadth, half depth, shift. */
  private static final double[][] FIRST = {
    {-0.16, 0.60, 0.66, 0},
    {-0.04, 1.00, 1.04, 0},
    {0.20, 1.00, 1.04, 0},
    {0.60, 0.92, 0.92, 0},
    {0.96, 0.93, 0.90, 0},
    {1.06, 0.55, 0.55, 0}
  };

  private static final double[][] HALF = {
    {-0.12, 0.56, 0.58, 0}, {0.00, 0.92, 0.90, 0}, {0.30, 0.88, 0.86, 0}, {0.60, 0.85, 0.83, 0}
  };

  private static final double[][] END = {
    {0.36, 0.85, 0.82, 0}, {0.60, 0.80, 0.74, 0}, {0.82, 0.66, 0.56, 0}, {0.97, 0.36, 0.28, 0}
  };

  private static final double[][] BALL = {
    {-0.10, 0.070, 0.060, 0},
    {0.10, 0.105, 0.085, 0},
    {0.40, 0.100, 0.086, 0},
    {0.80, 0.066, 0.062, 0},
    {1.00, 0.056, 0.054, 0},
    {1.10, 0.034, 0.034, 0}
  };

  private final Vector3D wrist;
  private final Rotation turn;
  private final double size;
  private final int thumbSide;
  private final List<Mesh> parts = new ArrayList<>();
  private final Map<String, Vector3D> landmarks = new LinkedHashMap<>();

  /**
   * A hand.
   *
   * @param wrist where it begins
   * @param turn its turn: fingers point down, the palm faces the front
   * @param side which hand it is
   * @param length wrist to fingertip
   */
  Hand(Vector3D wrist, Rotation turn, Side side, double length, Grip grip) {
    this.wrist = wrist;
    this.turn = turn;
    this.size = length;
    this.thumbSide = side.sign();
    landmarks.put("wrist", wrist);
    palm();
    String[] names = {"index finger", "middle finger", "ring finger", "little finger"};
    for (int f = 0; f < Grip.FINGERS; f++) {
      finger(f, names[f], grip);
    }
    thumb(grip);
  }

  /** Its surfaces. */
  List<Mesh> parts() {
    return parts;
  }

  /** Wrist, knuckles, middle joints and tips. */
  Map<String, Vector3D> landmarks() {
    return landmarks;
  }

  /** A point towards the thumb, along the hand, out of the palm. */
  private Vector3D at(double aside, double along, double front) {
    return wrist.add(
        turn.applyTo(new Vector3D(thumbSide * aside * size, -along * size, front * size)));
  }

  private void palm() {
    var rings = new ArrayList<Vector3D[]>();
    int around = 16;
    for (var row : PALM) {
      var ring = new Vector3D[around];
      for (int i = 0; i < around; i++) {
        double angle = 2 * Math.PI * i / around;
        double aside = row[1] * Math.cos(angle);
        double slanted = row[0] + SLANT * aside * Math.max(0, row[0]) / 0.5;
        ring[i] = at(aside, slanted, row[2] * Math.sin(angle));
      }
      rings.add(ring);
    }
    parts.add(Mesh.loft(rings, false, new int[] {3}, new int[] {}).rounded());
  }

  private void finger(int f, String name, Grip grip) {
    double[] bones = BONES[f];
    double spread = thumbSide * grip.spread() * (1.5 - f);
    double knuckle = grip.knuckles()[f];
    double middle = grip.middles()[f];
    var first = Turns.then(turn, Turns.z(spread), Turns.x(-knuckle));
    var second = Turns.then(first, Turns.x(-middle));
    var third = Turns.then(second, Turns.x(-middle * Grip.END_SHARE));
    var from = at(KNUCKLES[f][0], KNUCKLES[f][1], 0);
    var joint = beyond(from, first, bones[0]);
    var end = beyond(joint, second, bones[1]);
    var tip = beyond(end, third, bones[2] + SKIN);
    double thick = THICK[f] * size;
    parts.add(Tube.along(AROUND, from, joint, first, 0, FIRST, thick, 3));
    parts.add(bent(joint, second, end, middle * Grip.END_SHARE, tip, thick));
    landmarks.put("knuckle of the " + name, from);
    landmarks.put("middle joint of the " + name, joint);
    landmarks.put("tip of the " + name, tip);
  }

  private void thumb(Grip grip) {
    var root = at(0.10, 0.06, 0.03);
    var palm =
        Turns.then(
            turn,
            Turns.z(thumbSide * (44 - 0.3 * grip.thumbAway())),
            Turns.x(-grip.thumbAway()),
            Turns.y(thumbSide * -60));
    var first = Turns.then(palm, Turns.x(-grip.thumbBend()));
    var second = Turns.then(first, Turns.x(-grip.thumbBend()));
    var knuckle = beyond(root, palm, THUMB_BONES[0]);
    var joint = beyond(knuckle, first, THUMB_BONES[1]);
    var tip = beyond(joint, second, THUMB_BONES[2] + SKIN);
    double thick = 0.056 * size;
    parts.add(Tube.along(AROUND, root, knuckle, palm, 0, BALL, size));
    parts.add(bent(knuckle, first, joint, grip.thumbBend(), tip, thick));
    landmarks.put("knuckle of the thumb", knuckle);
    landmarks.put("joint of the thumb", joint);
    landmarks.put("tip of the thumb", tip);
  }

  private Vector3D beyond(Vector3D from, Rotation turn, double millimetres) {
    return from.add(turn.applyTo(Turns.DOWN).scalarMultiply(millimetres / LENGTH * size));
  }

  /** Two bones as one form, so that a finger shows few lines. */
  private static Mesh bent(
      Vector3D from, Rotation first, Vector3D joint, double bend, Vector3D tip, double thick) {
    var rings = new ArrayList<Vector3D[]>();
    add(rings, from, joint, first, HALF, thick);
    var half = Turns.then(first, Turns.x(-bend / 2));
    // The back of a bent joint bulges and its inside flattens, so that no crease folds into itself.
    double bulge = -BULGE * Math.sin(Math.toRadians(bend / 2)) * thick;
    rings.add(Tube.ring(AROUND, joint, half, 0.86 * thick, 0.86 * thick, bulge));
    add(rings, joint, tip, Turns.then(first, Turns.x(-bend)), END, thick);
    return Mesh.loft(rings, false, new int[] {4}, new int[] {}).rounded();
  }

  private static void add(
      List<Vector3D[]> rings,
      Vector3D from,
      Vector3D to,
      Rotation turn,
      double[][] rows,
      double thick) {
    for (var row : rows) {
      var at = from.add(to.subtract(from).scalarMultiply(row[0]));
      rings.add(Tube.ring(AROUND, at, turn, row[1] * thick, row[2] * thick, row[3]));
    }
  }
}
