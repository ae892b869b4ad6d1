package humblequill.server.book;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A drawing on one page that grew into one on another. */
@Entity
@Table(name = "grew_into")
class GrewIntoEntity {
  @Id UUID id = UUID.randomUUID();
  UUID fromPage = new UUID(0, 0);
  UUID intoPage = new UUID(0, 0);
  String words = "";
}
