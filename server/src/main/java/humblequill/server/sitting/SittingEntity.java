package humblequill.server.sitting;

import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.Timed;
import humblequill.server.ground.data.StoredJson;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "sitting")
class SittingEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  LocalDate practiceDay = LocalDate.EPOCH;
  Instant startedAt = Instant.EPOCH;
  @Lob private String begun = "";
  @Lob private String steps = "";
  @Lob private String events = "[]";
  @Nullable Instant endedAt;

  /** What it cost beside drawing; null where nothing tells. */
  @Nullable Integer setUpMinutes;

  /** Energy at its end, 1 to 5; null where it was not told. */
  @Nullable Integer energyAfter;

  /** How hard it was, 1 to 5; null where it was not told. */
  @Nullable Integer howItWas;

  /** The entry it wrote; null before its end, or when nothing was drawn. */
  @Nullable UUID entryId;

  StoredSitting begun() {
    return StoredJson.read(begun, StoredSitting.class);
  }

  Ladder ladder() {
    return StoredLadder.read(steps);
  }

  /** What was pressed, in a list that can be added to. */
  List<Timed.Event> events() {
    return new ArrayList<>(StoredPress.read(events));
  }

  void write(StoredSitting begun) {
    this.begun = StoredJson.write(begun);
  }

  void write(Ladder ladder) {
    this.steps = StoredLadder.write(ladder);
  }

  void write(List<Timed.Event> events) {
    this.events = StoredPress.write(events);
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
