package humblequill.core.shelf;

/** Whose a resource is. */
public enum Ownership {
  OWNED,
  BORROWED,
  WANTED
}
