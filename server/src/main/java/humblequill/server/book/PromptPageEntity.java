package humblequill.server.book;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The page on which a prompt was worked on further. */
@Entity
@Table(name = "prompt_page")
class PromptPageEntity {
  @Id UUID promptId = new UUID(0, 0);
  UUID pageId = new UUID(0, 0);
}
