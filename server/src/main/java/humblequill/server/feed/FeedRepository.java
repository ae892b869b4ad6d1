package humblequill.server.feed;

import org.springframework.data.jpa.repository.JpaRepository;

interface FeedRepository extends JpaRepository<FeedEntity, Integer> {}
