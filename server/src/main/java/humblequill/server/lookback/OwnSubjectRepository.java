package humblequill.server.lookback;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSubjectRepository extends JpaRepository<OwnSubjectEntity, UUID> {
  List<OwnSubjectEntity> findByRemovedFalse();
}
