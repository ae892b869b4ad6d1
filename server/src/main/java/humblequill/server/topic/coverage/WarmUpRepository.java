package humblequill.server.topic.coverage;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WarmUpRepository extends JpaRepository<WarmUpEntity, UUID> {

  List<WarmUpEntity> findAllByOrderByPracticeDayAscIdAsc();
}
