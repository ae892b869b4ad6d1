package humblequill.core.day.entry;

/** In what a resource is counted. */
public enum UnitKind {
  PAGE,
  CHAPTER,
  LESSON,
  PLATE,
  MINUTE
}
