package humblequill.server.promise;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "quota_prompt")
class PromptEntity {
  @Id UUID id = UUID.randomUUID();
  UUID quotaId = new UUID(0, 0);
  int position;
  String words = "";
  boolean chosen;
  @Nullable LocalDate doneOn;
  boolean developed;
}
