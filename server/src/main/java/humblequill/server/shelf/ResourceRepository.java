package humblequill.server.shelf;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ResourceRepository extends JpaRepository<ResourceEntity, UUID> {}
