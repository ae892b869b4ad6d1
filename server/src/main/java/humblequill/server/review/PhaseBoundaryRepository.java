package humblequill.server.review;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhaseBoundaryRepository extends JpaRepository<PhaseBoundaryEntity, String> {}
