package humblequill.core.book;

/** How the leaves of a book hold together. */
public enum Binding {
  /** Sewn or glued: pages lie left and right. */
  BOUND,
  /** Held by a ring or spiral: pages lie left and right, leaves come out without a trace. */
  RING,
  /** Loose sheets in a portfolio: each lies by itself. */
  LOOSE
}
