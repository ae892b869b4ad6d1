package humblequill.server.sitting;

import humblequill.core.sitting.SetUp;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SittingRepository extends JpaRepository<SittingEntity, UUID> {
  List<SittingEntity> findByEndedAtIsNull();

  @Query(
      "select new humblequill.core.sitting.SetUp$OfSitting(s.practiceDay, s.setUpMinutes)"
          + " from SittingEntity s where s.setUpMinutes is not null")
  List<SetUp.OfSitting> setUps();

  List<SittingEntity> findTop50ByOrderByStartedAtDesc();
}
