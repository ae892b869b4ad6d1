package humblequill.server.lookback;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhaseNameRepository extends JpaRepository<PhaseNameEntity, PhaseNameEntity.Key> {}
