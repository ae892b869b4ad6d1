package humblequill.server.coverage;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToldTopicRepository extends JpaRepository<ToldTopicEntity, UUID> {}
