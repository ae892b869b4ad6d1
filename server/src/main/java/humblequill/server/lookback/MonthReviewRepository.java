package humblequill.server.lookback;

import java.time.LocalDate;
import org.springframework.data.jpa.repository.JpaRepository;

interface MonthReviewRepository extends JpaRepository<MonthReviewEntity, LocalDate> {}
