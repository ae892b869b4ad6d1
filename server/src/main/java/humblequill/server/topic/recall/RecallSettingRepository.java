package humblequill.server.topic.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallSettingRepository extends JpaRepository<RecallSettingEntity, Integer> {}
