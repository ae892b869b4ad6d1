package humblequill.server.sitting;

import org.springframework.data.jpa.repository.JpaRepository;

interface SittingSettingsRepository extends JpaRepository<SittingSettingsEntity, Integer> {}
