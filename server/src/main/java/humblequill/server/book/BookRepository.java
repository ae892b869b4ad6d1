package humblequill.server.book;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BookRepository extends JpaRepository<BookEntity, UUID> {}
