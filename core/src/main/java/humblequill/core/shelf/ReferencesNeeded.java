package humblequill.core.shelf;

/**
 * References for an exercise: how many are needed and how many are there.
 *
 * @param needed 1 or more
 * @param there how many were gathered
 * @param unused how many of these were not drawn from yet
 */
public record ReferencesNeeded(int needed, int there, int unused) {
  /** How many are still to be gathered. */
  public int missing() {
    return Math.max(0, needed - there);
  }
}
