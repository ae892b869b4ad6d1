package humblequill.server.ground.name;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface NameRepository extends JpaRepository<NameEntity, UUID> {
  List<NameEntity> findAllByOrderByTextAscIdAsc();
}
