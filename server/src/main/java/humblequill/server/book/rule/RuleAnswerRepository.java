package humblequill.server.book.rule;

import humblequill.core.promise.Rule;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RuleAnswerRepository extends JpaRepository<RuleAnswerEntity, UUID> {
  Optional<RuleAnswerEntity> findByEntryIdAndRule(UUID entryId, Rule rule);
}
