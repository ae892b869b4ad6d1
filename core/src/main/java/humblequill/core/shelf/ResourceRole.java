package humblequill.core.shelf;

/** What a resource is for. */
public enum ResourceRole {
  TEACHES,
  REFERENCE,
  INSPIRES
}
