package humblequill.server.quota;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RuleAnswerRepository extends JpaRepository<RuleAnswerEntity, UUID> {
  List<RuleAnswerEntity> findByQuotaId(UUID quotaId);

  List<RuleAnswerEntity> findByEntryIdIn(Collection<UUID> entries);

  void deleteByQuotaId(UUID quotaId);
}
