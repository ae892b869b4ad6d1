package humblequill.core.sitting.cabinet;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A camera that looks at a point: central projection, as through a lens of so many millimetres on a
 * frame 36 mm wide.
 */
public final class Camera {
  private static final double FRAME = 36;
  private static final double NEAR = 0.02;

  private final Vector3D eye;
  private final Vector3D target;
  private final double lens;
  private final double size;
  private final Vector3D forward;
  private final Vector3D right;
  private final Vector3D up;

  /**
   * A point of the picture.
   *
   * @param x from the left
   * @param y from the top
   * @param depth distance in front of the camera
   */
  public record Seen(double x, double y, double depth) {}

  /**
   * A camera.
   *
   * @param eye where it stands
   * @param target what it looks at, not straight above or below
   * @param lens focal length in millimetres, above 0
   * @param size width and height of the picture, in its own units
   */
  public Camera(Vector3D eye, Vector3D target, double lens, double size) {
    this.eye = eye;
    this.target = target;
    this.lens = lens;
    this.size = size;
    this.forward = target.subtract(eye).normalize();
    this.right = forward.crossProduct(Vector3D.PLUS_J).normalize();
    this.up = right.crossProduct(forward);
  }

  /** Where it stands. */
  public Vector3D eye() {
    return eye;
  }

  /** What it looks at. */
  public Vector3D target() {
    return target;
  }

  /** Focal length in millimetres. */
  public double lens() {
    return lens;
  }

  /** Width and height of the picture. */
  public double size() {
    return size;
  }

  /** Units of the picture that a length of 1 has at a depth. */
  double scaleAt(double depth) {
    return lens / FRAME * size / depth;
  }

  /** A camera around a point: turned to the left of the front, at a height above the ground. */
  public static Camera around(
      Vector3D target, double degrees, double height, double distance, double lens, double size) {
    double angle = Math.toRadians(degrees);
    double rise = height - target.getY();
    double aside = Math.sqrt(Math.max(0.01, distance * distance - rise * rise));
    var eye =
        new Vector3D(
            target.getX() + aside * Math.sin(angle),
            height,
            target.getZ() + aside * Math.cos(angle));
    return new Camera(eye, target, lens, size);
  }

  /** Where a point is seen; points behind the camera are taken as just in front of it. */
  public Seen see(Vector3D point) {
    double x = point.getX() - eye.getX();
    double y = point.getY() - eye.getY();
    double z = point.getZ() - eye.getZ();
    double depth = Math.max(NEAR, along(forward, x, y, z));
    double scale = scaleAt(depth);
    return new Seen(
        size / 2 + along(right, x, y, z) * scale, size / 2 - along(up, x, y, z) * scale, depth);
  }

  private static double along(Vector3D axis, double x, double y, double z) {
    return axis.getX() * x + axis.getY() * y + axis.getZ() * z;
  }

  /** The height of the eye level in the picture, from the top; the horizon of level ground. */
  public double eyeLevel() {
    var far = target.subtract(eye);
    var level = new Vector3D(far.getX(), 0, far.getZ()).normalize();
    return see(eye.add(level)).y();
  }
}
