package humblequill.server.sitting.reference;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureRepository extends JpaRepository<PictureEntity, UUID> {
  List<PictureEntity> findByBrokenNotOrderByPathAsc(String broken);

  List<PictureEntity> findByBrokenOrderByPathAsc(String broken);

  @Query("select p.id from PictureEntity p where p.broken = '' order by p.path")
  List<UUID> pictures();
}
