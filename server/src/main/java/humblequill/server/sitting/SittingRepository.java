package humblequill.server.sitting;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SittingRepository extends JpaRepository<SittingEntity, UUID> {
  List<SittingEntity> findByEndedAtIsNull();

  List<SittingEntity> findTop50ByOrderByStartedAtDesc();
}
