package humblequill.core.ground.message;

/** A failure that says why in a message. */
public interface Explained {
  /** What is wrong. */
  Message why();
}
