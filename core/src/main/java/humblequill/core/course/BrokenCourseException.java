package humblequill.core.course;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;

/** A course that contradicts itself; tells where and why. */
public final class BrokenCourseException extends RuntimeException implements Explained {
  private static final long serialVersionUID = 1L;

  private final transient Message why;

  private final String path;

  /**
   * Says what is wrong.
   *
   * @param path the place in the course file, as in {@code weeks[2].exercises[0].after}
   * @param why what is wrong there
   */
  public BrokenCourseException(String path, Message why) {
    super(why.toString());
    this.why = why;
    this.path = path;
  }

  /** The place in the course file. */
  public String path() {
    return path;
  }

  @Override
  public Message why() {
    return why;
  }
}
