package humblequill.server.lookback.whatfor;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OpenEndRepository extends JpaRepository<OpenEndEntity, UUID> {}
