package humblequill.server.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AimRepository extends JpaRepository<AimEntity, UUID> {
  List<AimEntity> findAllByOrderByTakenOnDescIdAsc();
}
