package humblequill.core.book;

/** How a paper takes a medium. */
public enum Paper {
  /** It lies flat and nothing shows behind. */
  STANDS,
  /** It warps. */
  BUCKLES,
  /** It shows on the other side. */
  BLEEDS_THROUGH
}
