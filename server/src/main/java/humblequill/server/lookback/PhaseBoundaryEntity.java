package humblequill.server.lookback;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** Where the learner says that the phases of a figure begin. */
@Entity
@Table(name = "phase_boundary")
class PhaseBoundaryEntity {
  @Id String figure = "";

  /** See docs/formats/stored.md. */
  @Lob String document = "";
}
