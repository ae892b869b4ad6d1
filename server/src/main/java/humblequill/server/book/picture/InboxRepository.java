package humblequill.server.book.picture;

import org.springframework.data.jpa.repository.JpaRepository;

interface InboxRepository extends JpaRepository<InboxEntity, Integer> {}
