package humblequill.server.bench;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ComparisonRepository extends JpaRepository<ComparisonEntity, UUID> {}
