package humblequill.server.lookback.whatfor;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.io.Serializable;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What was wished for when something began, and what became of it. */
@Entity
@Table(name = "goal")
class GoalEntity implements Persistable<GoalEntity.Key> {
  @EmbeddedId Key key = new Key("", new UUID(0, 0));
  @Version @Nullable Long version;

  /** See docs/formats/stored.md. */
  @Lob String document = "";

  /**
   * Of what.
   *
   * @param kind as a stored word
   */
  @Embeddable
  record Key(String kind, UUID about) implements Serializable {}

  @Override
  public Key getId() {
    return key;
  }

  @Override
  @Transient
  public boolean isNew() {
    return version == null;
  }
}
