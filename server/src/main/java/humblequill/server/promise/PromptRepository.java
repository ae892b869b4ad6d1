package humblequill.server.promise;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PromptRepository extends JpaRepository<PromptEntity, UUID> {
  List<PromptEntity> findByQuotaIdOrderByPositionAsc(UUID quotaId);

  List<PromptEntity> findAllByOrderByPositionAsc();

  void deleteByQuotaId(UUID quotaId);
}
