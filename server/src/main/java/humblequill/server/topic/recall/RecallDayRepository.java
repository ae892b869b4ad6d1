package humblequill.server.topic.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallDayRepository extends JpaRepository<RecallDayEntity, RecallDayEntity.Key> {}
