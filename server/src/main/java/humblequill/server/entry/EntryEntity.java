package humblequill.server.entry;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "entry")
class EntryEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  LocalDate practiceDay = LocalDate.EPOCH;
  @Nullable LocalTime timeOfDay;
  @Nullable UUID placementId;
  @Nullable String exerciseId;
  @Nullable String exerciseTitle;
  @Nullable Integer secondsEach;
  @Nullable String topic;
  @Nullable Integer drawings;
  @Nullable Integer minutes;
  @Nullable String source;
  @Nullable String medium;
  @Nullable String resource;
  @Nullable String book;
  @Nullable Integer pageFrom;
  @Nullable Integer pageTo;
  @Nullable Integer mark;
  String wentWrong = "";
  String nextTime = "";
  String note = "";
  String poses = "";
  Instant writtenAt = Instant.EPOCH;

  @Override
  public UUID getId() {
    return id;
  }

  /** Ids are made by the client, so only the missing version tells a new entry. */
  @Override
  public boolean isNew() {
    return version == null;
  }
}
