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

/** A week that was looked back on. */
@Entity
@Table(name = "week_review")
class WeekReviewEntity implements Persistable<LocalDate> {
  @Id LocalDate weekStart = LocalDate.EPOCH;
  @Version @Nullable Long version;

  /** As a stored word. */
  String state = "";

  /** See docs/formats/stored.md. */
  @Lob String document = "";

  @Override
  public LocalDate getId() {
    return weekStart;
  }

  @Override
  @Transient
  public boolean isNew() {
    return version == null;
  }
}
