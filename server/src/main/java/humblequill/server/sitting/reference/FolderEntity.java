package humblequill.server.sitting.reference;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The folder of pictures that the learner chose. */
@Entity
@Table(name = "reference_folder")
class FolderEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  String path = "";
}
