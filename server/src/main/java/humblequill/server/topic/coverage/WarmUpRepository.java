package humblequill.server.topic.coverage;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WarmUpRepository extends JpaRepository<WarmUpEntity, UUID> {
  List<WarmUpEntity> findByPracticeDay(LocalDate day);

  List<WarmUpEntity> findAllByOrderByPracticeDayAscIdAsc();
}
