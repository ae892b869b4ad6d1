package humblequill.server.course.feed;

import org.springframework.data.jpa.repository.JpaRepository;

interface FeedRepository extends JpaRepository<FeedEntity, Integer> {}
