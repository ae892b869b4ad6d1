package humblequill.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.UUID;

/** A template of the learner's own. */
@Entity
@Table(name = "bench_template")
class BenchTemplateEntity {
  @Id UUID id = UUID.randomUUID();

  /** As its file writes it, see docs/formats/landmarks.md. */
  @Lob String document = "";
}
