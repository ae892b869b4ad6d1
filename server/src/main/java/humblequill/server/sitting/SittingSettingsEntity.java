package humblequill.server.sitting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "sitting_settings")
class SittingSettingsEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  int breakEveryMinutes = 45;
  int breakMinutes = 5;
  boolean sound = true;
  boolean flash = true;
}
