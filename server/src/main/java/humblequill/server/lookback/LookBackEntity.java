package humblequill.server.lookback;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How the learner looks back; one row. */
@Entity
@Table(name = "look_back")
class LookBackEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  String reviewDay = "";
}
