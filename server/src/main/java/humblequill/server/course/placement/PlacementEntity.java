package humblequill.server.course.placement;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "placement")
class PlacementEntity {
  @Id UUID id = UUID.randomUUID();
  String courseId = "";
  String title = "";
  @Lob String document = "";
  LocalDate startDay = LocalDate.EPOCH;
  Instant placedAt = Instant.EPOCH;
  @Nullable Instant endedAt;
  boolean side;
  int weight = 100;

  /** First day whose missed work was not settled yet. */
  @Nullable LocalDate settledUntil;
}
