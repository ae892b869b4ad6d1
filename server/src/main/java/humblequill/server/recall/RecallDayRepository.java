package humblequill.server.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallDayRepository extends JpaRepository<RecallDayEntity, RecallDayEntity.Key> {}
