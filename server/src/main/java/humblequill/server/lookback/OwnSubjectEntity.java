package humblequill.server.lookback;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A subject whose drawings the learner laid beside one another. */
@Entity
@Table(name = "own_subject")
class OwnSubjectEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  boolean removed;

  /** See docs/formats/stored.md. */
  @Lob String document = "";

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  @Transient
  public boolean isNew() {
    return version == null;
  }
}
