package humblequill.server.ground.name;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A name that was renamed, merged, changed or removed, with what is needed to take that back. */
@Entity
@Table(name = "name_change")
class NameChangeEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  UUID nameId = new UUID(0, 0);
  Instant madeAt = Instant.EPOCH;

  /** The name before; null when it was not stored. */
  @Lob @Nullable String before;

  /** The name after; null when it was removed. */
  @Lob @Nullable String after;

  @Nullable Instant undoneAt;
  @jakarta.persistence.Transient private boolean stored;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return !stored;
  }

  @jakarta.persistence.PostLoad
  @jakarta.persistence.PostPersist
  void markStored() {
    stored = true;
  }
}
