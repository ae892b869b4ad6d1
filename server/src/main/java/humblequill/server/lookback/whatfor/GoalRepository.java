package humblequill.server.lookback.whatfor;

import org.springframework.data.jpa.repository.JpaRepository;

interface GoalRepository extends JpaRepository<GoalEntity, GoalEntity.Key> {}
