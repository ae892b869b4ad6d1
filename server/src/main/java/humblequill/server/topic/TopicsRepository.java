package humblequill.server.topic;

import org.springframework.data.jpa.repository.JpaRepository;

interface TopicsRepository extends JpaRepository<TopicsEntity, Integer> {}
