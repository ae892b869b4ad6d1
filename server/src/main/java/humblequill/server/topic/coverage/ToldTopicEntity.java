package humblequill.server.topic.coverage;

import humblequill.core.day.entry.Depth;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the learner tells of a topic that its entries do not. */
@Entity
@Table(name = "told_topic")
class ToldTopicEntity {
  @Id UUID id = UUID.randomUUID();

  @Enumerated(EnumType.STRING)
  @Nullable Depth depth;

  @Nullable LocalDate weakSince;
  @Nullable Integer weakDrawings;
}
