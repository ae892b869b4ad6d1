package humblequill.server.bench;

import org.springframework.data.jpa.repository.JpaRepository;

interface MisreadWordRepository extends JpaRepository<MisreadWordEntity, MisreadWordEntity.Key> {}
