package humblequill.server.ground.settings;

import org.springframework.data.jpa.repository.JpaRepository;

interface SettingsRepository extends JpaRepository<SettingsEntity, Integer> {}
