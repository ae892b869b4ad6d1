package humblequill.server.course.placement;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlacementRepository extends JpaRepository<PlacementEntity, UUID> {
  List<PlacementEntity> findAllByOrderBySideAscPlacedAtAsc();

  List<PlacementEntity> findByEndedAtIsNull();
}
