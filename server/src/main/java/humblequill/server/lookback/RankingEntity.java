package humblequill.server.lookback;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** Pictures that are ranked by choices between two. */
@Entity
@Table(name = "ranking")
class RankingEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  boolean removed;
  LocalDate madeOn = LocalDate.EPOCH;

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
