package humblequill.server.lookback;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhaseBoundaryRepository extends JpaRepository<PhaseBoundaryEntity, String> {}
