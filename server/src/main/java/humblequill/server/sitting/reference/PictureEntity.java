package humblequill.server.sitting.reference;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A file of the folder: a picture, or one that cannot be read and why. */
@Entity
@Table(name = "reference_picture")
class PictureEntity {
  /** Characters of a path that fit. */
  static final int LONGEST_PATH = 1000;

  @Id UUID id = UUID.randomUUID();
  String path = "";
  long bytes;
  long changedAt;
  int width;
  int height;

  /** Why it cannot be read; empty for a picture. */
  String broken = "";
}
