package humblequill.server.bench;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** Words of an entry that were read as an error and are none. */
@Entity
@Table(name = "misread_word")
class MisreadWordEntity {
  @EmbeddedId Key key = new Key(new UUID(0, 0), "", "");

  /**
   * Which words.
   *
   * @param along as a stored word
   */
  @Embeddable
  record Key(UUID entryId, String part, String along) implements Serializable {}
}
