package humblequill.server.topic.coverage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A warm-up that was put into a day. */
@Entity
@Table(name = "warm_up")
class WarmUpEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  LocalDate practiceDay = LocalDate.EPOCH;

  /** As it was called then. */
  String topic = "";

  UUID topicId = id;
  int minutes;
  String room = "";
  boolean fromImagination;

  @Transient boolean fresh;

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return fresh;
  }
}
