package humblequill.server.sitting.reference;

import org.springframework.data.jpa.repository.JpaRepository;

interface FolderRepository extends JpaRepository<FolderEntity, Integer> {}
