package humblequill.core.course;

/** A course that contradicts itself; tells where and why. */
public final class BrokenCourseException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String path;

  /**
   * Says what is wrong.
   *
   * @param path the place in the course file, as in {@code weeks[2].exercises[0].after}
   * @param reason what is wrong there
   */
  public BrokenCourseException(String path, String reason) {
    super(reason);
    this.path = path;
  }

  /** The place in the course file. */
  public String path() {
    return path;
  }
}
