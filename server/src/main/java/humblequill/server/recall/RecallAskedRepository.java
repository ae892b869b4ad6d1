package humblequill.server.recall;

import org.springframework.data.jpa.repository.JpaRepository;

interface RecallAskedRepository extends JpaRepository<RecallAskedEntity, String> {}
