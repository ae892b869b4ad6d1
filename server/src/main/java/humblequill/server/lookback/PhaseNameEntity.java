package humblequill.server.lookback;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;

/** The name that the learner gave a phase. */
@Entity
@Table(name = "phase_name")
class PhaseNameEntity {
  @EmbeddedId Key key = new Key("", LocalDate.EPOCH);
  String name = "";

  /**
   * Which phase.
   *
   * @param figure as {@link FigureKey} writes it
   * @param weekStart first day of its first week
   */
  @Embeddable
  record Key(String figure, LocalDate weekStart) implements Serializable {}
}
