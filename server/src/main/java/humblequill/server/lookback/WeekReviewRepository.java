package humblequill.server.lookback;

import java.time.LocalDate;
import org.springframework.data.jpa.repository.JpaRepository;

interface WeekReviewRepository extends JpaRepository<WeekReviewEntity, LocalDate> {}
