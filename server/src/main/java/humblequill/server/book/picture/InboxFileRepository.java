package humblequill.server.book.picture;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface InboxFileRepository extends JpaRepository<InboxFileEntity, String> {
  List<InboxFileEntity> findByRefusedNotOrderByPathAsc(String refused);
}
