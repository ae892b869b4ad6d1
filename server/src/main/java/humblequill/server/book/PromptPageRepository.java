package humblequill.server.book;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PromptPageRepository extends JpaRepository<PromptPageEntity, UUID> {}
