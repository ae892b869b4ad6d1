package humblequill.server.topic.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallTakenRepository extends JpaRepository<RecallTakenEntity, String> {}
