package humblequill.core.entry;

/** Whether the drawing shows what its exercise asks to look for, as the learner sees it. */
public enum LookedFor {
  YES,
  PARTLY,
  NO
}
