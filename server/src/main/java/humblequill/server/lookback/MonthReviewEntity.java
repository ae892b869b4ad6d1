package humblequill.server.lookback;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A month that was looked back on. */
@Entity
@Table(name = "month_review")
class MonthReviewEntity implements Persistable<LocalDate> {
  /** Its first day in the calendar. */
  @Id LocalDate monthStart = LocalDate.EPOCH;

  @Version @Nullable Long version;

  /** See docs/formats/stored.md. */
  @Lob String document = "";

  @Override
  public LocalDate getId() {
    return monthStart;
  }

  @Override
  @Transient
  public boolean isNew() {
    return version == null;
  }
}
