package humblequill.server.lookback;

import org.springframework.data.jpa.repository.JpaRepository;

interface LookBackRepository extends JpaRepository<LookBackEntity, Integer> {}
