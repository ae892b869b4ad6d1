package humblequill.server.course;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlacementRepository extends JpaRepository<PlacementEntity, UUID> {
  Optional<PlacementEntity> findFirstByEndedAtIsNullOrderByPlacedAtDesc();
}
