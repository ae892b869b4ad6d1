package humblequill.server.promise;

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
@Table(name = "quota")
class QuotaEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  @Lob String document = "";
  LocalDate startDay = LocalDate.EPOCH;
  @Nullable UUID againOf;
  @Nullable LocalDate endedOn;
  String learned = "";

  /** Ids of entries, with spaces. */
  @Lob String best = "";

  Instant madeAt = Instant.EPOCH;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
