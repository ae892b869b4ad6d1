package humblequill.server.sitting.reference;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReferenceSetRepository extends JpaRepository<ReferenceSetEntity, UUID> {
  List<ReferenceSetEntity> findAllByOrderByNameAscIdAsc();
}
