package humblequill.server.sitting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "sitting")
class SittingEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  LocalDate practiceDay = LocalDate.EPOCH;
  Instant startedAt = Instant.EPOCH;
  @Lob String begun = "";
  @Lob String steps = "";
  @Lob String events = "";
  @Nullable Instant endedAt;

  /** The entry it wrote; null before its end, or when nothing was drawn. */
  @Nullable UUID entryId;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
