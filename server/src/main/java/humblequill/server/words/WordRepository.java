package humblequill.server.words;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WordRepository extends JpaRepository<WordEntity, UUID> {}
