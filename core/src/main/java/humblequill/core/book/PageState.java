package humblequill.core.book;

/** What became of a page. */
public enum PageState {
  /** Nothing on it yet. */
  UNTOUCHED,
  /** Drawn on. */
  DRAWN,
  /** Kept free for something to come. */
  KEPT_FREE,
  /** Taken out of the book. */
  TORN_OUT,
  /** Carries something glued in. */
  GLUED_IN
}
