package humblequill.server.book.piece;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A staged piece, its words and stages as one document. */
@Entity
@Table(name = "piece")
class PieceEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  Instant begunAt = Instant.EPOCH;
  boolean ended;
  boolean removed;

  /** See {@link StoredPiece}. */
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
