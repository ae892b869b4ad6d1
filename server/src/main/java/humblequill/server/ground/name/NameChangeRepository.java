package humblequill.server.ground.name;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface NameChangeRepository extends JpaRepository<NameChangeEntity, UUID> {}
