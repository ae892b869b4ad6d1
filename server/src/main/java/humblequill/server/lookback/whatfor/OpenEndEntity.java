package humblequill.server.lookback.whatfor;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** An idea, or what became of a piece or a resource that was left off. */
@Entity
@Table(name = "open_end")
class OpenEndEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  String state = "";
  LocalDate notedOn = LocalDate.EPOCH;
  String text = "";

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
