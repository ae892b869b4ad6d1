package humblequill.server.topic.recall;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;

/** How asking for something went on a day: parts that were asked for, and those that were there. */
@Entity
@Table(name = "recall_day")
class RecallDayEntity {
  @EmbeddedId Key key = new Key("", LocalDate.EPOCH);
  int asked;
  int rightParts;

  /** Of what, on which day. */
  @Embeddable
  record Key(String thing, LocalDate answeredOn) implements Serializable {}
}
