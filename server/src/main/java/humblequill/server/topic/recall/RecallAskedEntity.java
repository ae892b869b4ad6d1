package humblequill.server.topic.recall;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;

/** When something was asked for last, and when it is next. */
@Entity
@Table(name = "recall_asked")
class RecallAskedEntity {
  @Id String item = "";
  int step;
  LocalDate askedOn = LocalDate.EPOCH;
  LocalDate dueOn = LocalDate.EPOCH;
  int times;
  int rightTimes;

  /** What the last asking took. */
  int seconds;
}
