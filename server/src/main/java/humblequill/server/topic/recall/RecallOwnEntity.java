package humblequill.server.topic.recall;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A plate or an order of the learner's own. */
@Entity
@Table(name = "recall_own")
class RecallOwnEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  boolean removed;
  String kind = "";

  /** As its file writes it, in JSON; see docs/formats/plate.md. */
  @Lob String document = "";

  /** The picture of a plate that was drawn or brought in as lines. */
  @Lob @Nullable String svg;

  /** The picture of a plate that is one of the learner's pictures. */
  @Nullable UUID picture;

  /** How that picture was turned and straightened when its pins were set. */
  @Nullable String pictureWay;

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
