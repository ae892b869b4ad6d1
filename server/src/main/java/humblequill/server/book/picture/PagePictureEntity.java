package humblequill.server.book.picture;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A picture of a page, or one that waits for its page. */
@Entity
@Table(name = "page_picture")
class PagePictureEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;

  /** Where it lies under the data folder, with slashes. */
  String file = "";

  /** Null for a part of another picture, which shows the same file. */
  @Nullable String sha256;

  /** The picture of which this one shows a part of its own. */
  @Nullable UUID partOf;

  /** How the sheet is seen straight, see {@link StoredStraight}; empty as it came. */
  String straight = "";

  String type = "";
  String originalName = "";
  long bytes;

  /** As stored, before it is turned. */
  int width;

  int height;

  /** How it has to be turned to be seen upright, 1 to 8 as in EXIF. */
  int turn = 1;

  /** When it was taken by the camera's clock, whatever its zone. */
  @Nullable LocalDateTime taken;

  Instant addedAt = Instant.EPOCH;
  @Nullable UUID pageId;

  /** Whether it is a detail or another view beside the page's own picture. */
  boolean beside;

  String caption = "";

  /** Taken out by the learner; its file stays, so that it can be put back. */
  boolean removed;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
