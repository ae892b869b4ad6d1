package humblequill.server.promise;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuotaRepository extends JpaRepository<QuotaEntity, UUID> {
  List<QuotaEntity> findAllByOrderByMadeAtAscIdAsc();
}
