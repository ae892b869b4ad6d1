package humblequill.server.quota;

import humblequill.core.quota.Rule;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "rule_answer")
class RuleAnswerEntity {
  @Id UUID id = UUID.randomUUID();
  UUID quotaId = new UUID(0, 0);
  UUID entryId = new UUID(0, 0);

  @Enumerated(EnumType.STRING)
  Rule rule = Rule.PEN_ONLY;

  boolean kept;
}
