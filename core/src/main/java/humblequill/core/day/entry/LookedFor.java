package humblequill.core.day.entry;

/** Whether the drawing shows what its exercise asks to look for, as the learner sees it. */
public enum LookedFor {
  YES(1),
  PARTLY(0.5),
  NO(0);

  private final double found;

  LookedFor(double found) {
    this.found = found;
  }

  /** How much of it was found, 0 to 1; partly counts half. */
  public double found() {
    return found;
  }
}
