package humblequill.server.book.piece;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PieceEntryRepository extends JpaRepository<PieceEntryEntity, UUID> {}
