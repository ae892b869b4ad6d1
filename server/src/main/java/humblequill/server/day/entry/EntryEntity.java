package humblequill.server.day.entry;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.ground.name.NameService;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A stored entry. Names are kept as they were written, beside the identity they stand for. */
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
  @Nullable UUID topicId;
  @Nullable Integer drawings;
  @Nullable Integer minutes;
  @Nullable String source;
  @Nullable UUID sourceId;
  @Nullable String medium;
  @Nullable UUID mediumId;
  @Nullable String resource;
  @Nullable UUID resourceId;
  @Nullable String book;
  @Nullable UUID bookId;
  @Nullable Integer pageFrom;
  @Nullable Integer pageTo;
  @Nullable Integer mark;
  String poses = "";
  @Nullable String unit;
  @Nullable Integer unitFrom;
  @Nullable Integer unitTo;
  @Nullable String used;

  /** As they were written, one a line. */
  String facets = "";

  /** Their identities, with commas, in the same order. */
  String facetIds = "";

  @Nullable Integer markBefore;
  @Nullable String lookedFor;
  @Nullable String depth;
  @Nullable String ownFigure;
  @Nullable Integer ownCount;
  String wentWrong = "";
  String nextTime = "";
  String note = "";
  Instant writtenAt = Instant.EPOCH;

  /** The identity of a name; null without one. */
  interface NameIds extends BiFunction<NameKind, Optional<String>, @Nullable UUID> {}

  /** Takes over all that an entry says but its exercise. */
  void write(Entry entry, NameIds names) {
    practiceDay = entry.day();
    timeOfDay = entry.time().orElse(null);
    topic = entry.topic().orElse(null);
    topicId = names.apply(NameKind.TOPIC, entry.topic());
    drawings = entry.drawings().orElse(null);
    minutes = entry.minutes().orElse(null);
    source = entry.source().orElse(null);
    sourceId = names.apply(NameKind.SOURCE, entry.source());
    medium = entry.medium().orElse(null);
    mediumId = names.apply(NameKind.MEDIUM, entry.medium());
    resource = entry.resource().orElse(null);
    resourceId = names.apply(NameKind.RESOURCE, entry.resource());
    book = entry.book().orElse(null);
    bookId = names.apply(NameKind.BOOK, entry.book());
    pageFrom = entry.pages().map(PageSpan::from).orElse(null);
    pageTo = entry.pages().map(PageSpan::to).orElse(null);
    mark = entry.mark().orElse(null);
    poses = entry.poses().written();
    StoredStudy.write(this, entry.study(), names);
    wentWrong = entry.wentWrong();
    nextTime = entry.nextTime();
    note = entry.note();
  }

  /** What it says, with its names as they are called now. */
  EntryFields fields(Names names) {
    return new EntryFields(
        practiceDay,
        timeOfDay,
        exerciseId,
        NameService.called(names, topicId),
        drawings,
        minutes,
        NameService.called(names, sourceId),
        NameService.called(names, mediumId),
        NameService.called(names, resourceId),
        NameService.called(names, bookId),
        pageFrom,
        pageTo,
        mark,
        PosesView.of(Poses.read(poses)),
        StudyFields.of(StoredStudy.read(this, names)),
        wentWrong,
        nextTime,
        note);
  }

  Minutes minutesOrEstimate() {
    return Minutes.of(
        Optional.ofNullable(minutes),
        Optional.ofNullable(drawings),
        Optional.ofNullable(secondsEach));
  }

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
