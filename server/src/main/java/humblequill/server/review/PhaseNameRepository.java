package humblequill.server.review;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhaseNameRepository extends JpaRepository<PhaseNameEntity, PhaseNameEntity.Key> {}
