package humblequill.server.quota;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PromptRepository extends JpaRepository<PromptEntity, UUID> {
  List<PromptEntity> findByQuotaIdOrderByPositionAsc(UUID quotaId);

  Optional<PromptEntity> findFirstByQuotaIdAndChosenTrueAndDoneOnIsNullOrderByPositionAsc(
      UUID quotaId);

  List<PromptEntity> findByDoneOnIsNotNull();

  void deleteByQuotaId(UUID quotaId);
}
