package humblequill.core.day.streak;

/** The schools of counting days. Common practice, no published source. */
public enum School {
  /** One miss ends the run. */
  EVERY_DAY,
  /** One miss is forgiven, two in a row end it. */
  NEVER_TWICE,
  /** So many days a week. */
  WEEKLY_RHYTHM
}
