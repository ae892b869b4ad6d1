package humblequill.server.sitting.reference;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShownPictureRepository extends JpaRepository<ShownPictureEntity, UUID> {}
