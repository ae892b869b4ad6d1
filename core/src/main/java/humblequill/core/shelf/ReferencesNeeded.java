package humblequill.core.shelf;

/**
 * References for an exercise: how many are needed and how many are there.
 *
 * @param needed 1 or more
 * @param there how many were gathered
 * @param unused how many of these were not drawn from yet
 */
public record ReferencesNeeded(int needed, int there, int unused) {
  /** Of the cabinet, which shows as many as are needed; each is drawn from once. */
  public static ReferencesNeeded ofCabinet(int needed, int drawn) {
    return new ReferencesNeeded(needed, needed, Math.max(0, needed - drawn));
  }

  /** How many are still to be gathered. */
  public int missing() {
    return Math.max(0, needed - there);
  }
}
