package humblequill.server.course.placement;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** One decision about a plan: one or more changes made together. */
@Entity
@Table(name = "plan_change")
class PlanChangeEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  UUID placementId = UUID.randomUUID();
  int position;
  LocalDate madeOn = LocalDate.EPOCH;
  Instant madeAt = Instant.EPOCH;
  boolean automatic;
  String reason = "";
  @Lob String changes = "[]";
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
