package humblequill.server.sitting;

import humblequill.core.course.ExerciseKind;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import humblequill.server.topic.coverage.WarmUps;
import java.time.LocalDate;
import org.springframework.stereotype.Component;

/** Which sittings are warm-ups. */
@Component
class WarmUpSittings {
  private final EntryService entries;
  private final WarmUps warmUps;
  private final NameService names;

  WarmUpSittings(EntryService entries, WarmUps warmUps, NameService names) {
    this.entries = entries;
    this.warmUps = warmUps;
    this.names = names;
  }

  /** Whether what was begun is a warm-up of its course, or was put into the day as one. */
  boolean holds(StoredSitting begun, LocalDate day) {
    var topic = NameService.called(names.names(), NameRef.idOf(begun.topic()));
    return begun.exercise() != null
        ? entries.kindOf(begun.exercise()) == ExerciseKind.WARM_UP
        : topic != null && warmUps.holds(day, topic);
  }
}
