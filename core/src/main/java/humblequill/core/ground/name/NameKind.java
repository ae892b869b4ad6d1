package humblequill.core.ground.name;

/** What a name names. */
public enum NameKind {
  /** Something to learn. */
  TOPIC,
  /** What is drawn with. */
  MEDIUM,
  /** What is drawn from. */
  SOURCE,
  /** A sketchbook. */
  BOOK,
  /** Something learned from. */
  RESOURCE,
  /** What a drawing shows beside its topic: a view, a build, moving or still. */
  FACET
}
