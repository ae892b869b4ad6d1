package humblequill.server.book.rule;

import humblequill.core.promise.Rule;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** Whether an entry kept a rule, whoever asked. */
@Entity
@Table(name = "rule_answer")
class RuleAnswerEntity {
  @Id UUID id = UUID.randomUUID();
  UUID entryId = new UUID(0, 0);

  @Enumerated(EnumType.STRING)
  Rule rule = Rule.PEN_ONLY;

  boolean kept;
}
