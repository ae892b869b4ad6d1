package humblequill.server.topic.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallAskedRepository extends JpaRepository<RecallAskedEntity, String> {}
