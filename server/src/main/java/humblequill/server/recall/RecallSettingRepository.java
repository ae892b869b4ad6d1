package humblequill.server.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallSettingRepository extends JpaRepository<RecallSettingEntity, Integer> {}
