package humblequill.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A tendency that was taken as an aim. */
@Entity
@Table(name = "bench_aim")
class AimEntity {
  @Id UUID id = UUID.randomUUID();
  String template = "";

  /** What is measured, as a stored word. */
  String quantity = "";

  String part = "";
  LocalDate takenOn = LocalDate.EPOCH;
  @Nullable LocalDate endedOn;
}
