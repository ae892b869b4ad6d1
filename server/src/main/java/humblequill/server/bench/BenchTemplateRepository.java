package humblequill.server.bench;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BenchTemplateRepository extends JpaRepository<BenchTemplateEntity, UUID> {}
