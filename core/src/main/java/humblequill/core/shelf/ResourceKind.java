package humblequill.core.shelf;

/** What a resource is. */
public enum ResourceKind {
  BOOK,
  COURSE,
  VIDEO_SERIES,
  MODEL_3D,
  CAST,
  PHOTO_SET,
  LIVE_MODEL_GROUP,
  MUSEUM,
  MEDICAL_TEXT,
  OWN_NOTES,
  OTHER
}
