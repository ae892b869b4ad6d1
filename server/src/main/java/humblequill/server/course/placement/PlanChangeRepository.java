package humblequill.server.course.placement;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanChangeRepository extends JpaRepository<PlanChangeEntity, UUID> {
  List<PlanChangeEntity> findAllByOrderByPosition();
}
