package humblequill.server.topic.recall;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Whether anything is asked for; one row. */
@Entity
@Table(name = "recall_setting")
class RecallSettingEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  boolean resting;
}
