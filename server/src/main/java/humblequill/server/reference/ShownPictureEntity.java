package humblequill.server.reference;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** A picture of the own folder that was drawn from, and on which day last. */
@Entity
@Table(name = "shown_picture")
class ShownPictureEntity {
  @Id UUID pictureId = UUID.randomUUID();
  LocalDate practiceDay = LocalDate.EPOCH;
}
