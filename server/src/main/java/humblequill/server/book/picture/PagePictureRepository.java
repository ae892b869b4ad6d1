package humblequill.server.book.picture;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PagePictureRepository extends JpaRepository<PagePictureEntity, UUID> {
  Optional<PagePictureEntity> findBySha256(String sha256);
}
