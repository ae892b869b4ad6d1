package humblequill.server.lookback;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RankingRepository extends JpaRepository<RankingEntity, UUID> {}
