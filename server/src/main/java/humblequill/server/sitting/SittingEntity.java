package humblequill.server.sitting;

import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.Timed;
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
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "sitting")
class SittingEntity implements Persistable<UUID> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  LocalDate practiceDay = LocalDate.EPOCH;
  Instant startedAt = Instant.EPOCH;
  @Lob private String begun = "";
  @Lob private String steps = "";
  @Lob private String events = "[]";
  @Nullable Instant endedAt;

  /** The entry it wrote; null before its end, or when nothing was drawn. */
  @Nullable UUID entryId;

  BegunSitting begun() {
    return JSON.readValue(begun, BegunSitting.class);
  }

  Ladder ladder() {
    return new Ladder(JSON.readValue(steps, new TypeReference<List<Step>>() {}));
  }

  /** What was pressed, in a list that can be added to. */
  List<Timed.Event> events() {
    return new ArrayList<>(JSON.readValue(events, new TypeReference<List<Timed.Event>>() {}));
  }

  void write(BegunSitting begun) {
    this.begun = JSON.writeValueAsString(begun);
  }

  void write(Ladder ladder) {
    this.steps = JSON.writeValueAsString(ladder.steps());
  }

  void write(List<Timed.Event> events) {
    this.events = JSON.writeValueAsString(events);
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
