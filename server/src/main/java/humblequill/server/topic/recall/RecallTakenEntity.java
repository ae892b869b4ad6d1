package humblequill.server.topic.recall;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;

/** A plate or an order that the learner wants to be asked for. */
@Entity
@Table(name = "recall_taken")
class RecallTakenEntity {
  @Id
  @Column(name = "subject")
  String thing = "";

  LocalDate takenOn = LocalDate.EPOCH;
  String way = "";
  boolean leftOff;
}
