package humblequill.server.sitting.reference;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** References gathered for something. */
@Entity
@Table(name = "reference_set")
class ReferenceSetEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  String name = "";

  /** What the paths of its pictures hold, below the learner's own folder. */
  String within = "";

  int needed = 1;
  @Nullable String exerciseId;
  @Nullable UUID placement;
  @Nullable String weekKey;

  /** What of the cabinet it is, by name; null for pictures of the own folder. */
  @Nullable String cabinet;

  @Nullable String emphasis;
  @Nullable String viewedFrom;

  /** How many of the cabinet's pictures were drawn from. */
  int cabinetDrawn;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
