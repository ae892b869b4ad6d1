package humblequill.core.day.logline;

import humblequill.core.day.entry.Ledger;

/**
 * The most that one entry told so far. What goes far beyond is asked about, since a slip of one
 * figure makes ten times as much.
 *
 * @param mostDrawings 0 while it tells nothing
 * @param mostMinutes 0 while it tells nothing
 */
public record Usual(int mostDrawings, int mostMinutes) {
  /** Nothing to go by: nothing is unusual. */
  public static final Usual UNKNOWN = new Usual(0, 0);

  /** Entries from which on the most so far tells something. */
  private static final int ENOUGH = 10;

  private static final int FAR_BEYOND = 4;

  /** The most of everything drawn so far. */
  public static Usual of(Ledger ledger) {
    return ledger.size() < ENOUGH
        ? UNKNOWN
        : new Usual(ledger.mostDrawings(), ledger.mostMinutes());
  }

  /** Whether a value is over four times the most so far. */
  boolean isFarBelow(Phrase.Field field, long value) {
    int most =
        field == Phrase.Field.DRAWINGS
            ? mostDrawings
            : field == Phrase.Field.MINUTES ? mostMinutes : 0;
    return most > 0 && value > (long) FAR_BEYOND * most;
  }
}
