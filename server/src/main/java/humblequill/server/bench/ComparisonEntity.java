package humblequill.server.bench;

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

/** An attempt beside its reference. */
@Entity
@Table(name = "comparison")
class ComparisonEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  LocalDate practiceDay = LocalDate.EPOCH;
  Instant madeAt = Instant.EPOCH;
  boolean removed;

  /** See {@link StoredComparison}. */
  @Lob String document = "";

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
