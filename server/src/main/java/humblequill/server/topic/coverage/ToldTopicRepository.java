package humblequill.server.topic.coverage;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToldTopicRepository extends JpaRepository<ToldTopicEntity, UUID> {}
