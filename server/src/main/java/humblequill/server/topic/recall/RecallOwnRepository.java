package humblequill.server.topic.recall;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecallOwnRepository extends JpaRepository<RecallOwnEntity, UUID> {}
