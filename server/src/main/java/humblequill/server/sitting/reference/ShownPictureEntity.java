package humblequill.server.sitting.reference;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A picture of the own folder that was drawn from. */
@Entity
@Table(name = "shown_picture")
class ShownPictureEntity {
  @Id UUID pictureId = UUID.randomUUID();

  /** For Hibernate. */
  protected ShownPictureEntity() {}

  ShownPictureEntity(UUID pictureId) {
    this.pictureId = pictureId;
  }
}
