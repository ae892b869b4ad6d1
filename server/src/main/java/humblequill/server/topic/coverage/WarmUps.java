package humblequill.server.topic.coverage;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.topic.coverage.WarmUpRoom;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Warm-ups that were put into days. */
@Service
public class WarmUps implements NameUses {
  private final WarmUpRepository repository;
  private final NameService names;
  private final Remembered<Map<LocalDate, List<Kept>>> stored;

  WarmUps(WarmUpRepository repository, NameService names, Memory memory) {
    this.repository = repository;
    this.names = names;
    this.stored = memory.remember("warm-ups put into days", WarmUpEntity.class);
  }

  /** A warm-up as it is stored. */
  record Kept(
      UUID id, UUID topicId, String topic, int minutes, WarmUpRoom.From room, boolean imagined) {}

  private Map<LocalDate, List<Kept>> all() {
    return stored.get(
        () ->
            repository.findAllByOrderByPracticeDayAscIdAsc().stream()
                .collect(
                    Collectors.groupingBy(
                        e -> e.practiceDay,
                        Collectors.mapping(WarmUps::kept, Collectors.toUnmodifiableList()))));
  }

  private static Kept kept(WarmUpEntity e) {
    return new Kept(
        e.id, e.topicId, e.topic, e.minutes, WarmUpRoom.From.valueOf(e.room), e.fromImagination);
  }

  @Transactional(readOnly = true)
  List<Kept> on(LocalDate day) {
    return all().getOrDefault(day, List.of());
  }

  /** Whether a topic is a warm-up of a day, so that its minutes are none of drawing. */
  @Transactional(readOnly = true)
  public boolean holds(LocalDate day, String topic) {
    var id = names.names().find(NameKind.TOPIC, topic).map(n -> n.id());
    return on(day).stream().anyMatch(w -> id.filter(w.topicId::equals).isPresent());
  }

  /** Puts a warm-up into a day; told twice, it is one. */
  @Transactional
  void put(UUID id, LocalDate day, String topic, WarmUpRoom room, boolean imagined) {
    var topicId = names.idOf(NameKind.TOPIC, topic);
    if (repository.findById(id).isPresent()) {
      return;
    }
    if (on(day).stream().anyMatch(w -> w.topicId.equals(topicId))) {
      throw Refusal.conflict("taken", Message.of("topic.warmUpThere", "topic", topic));
    }
    var entity = new WarmUpEntity();
    entity.id = id;
    entity.practiceDay = day;
    entity.topic = topic;
    entity.topicId = topicId;
    entity.minutes = room.minutes();
    entity.room = room.from().name();
    entity.fromImagination = imagined;
    entity.fresh = true;
    repository.saveAndFlush(entity);
  }

  /** Takes a warm-up out of its day; one that is gone stays gone. */
  @Transactional
  void remove(UUID id) {
    repository.findById(id).ifPresent(repository::delete);
    repository.flush();
  }

  /** What a topic is called now. */
  String called(Kept warmUp) {
    return Objects.requireNonNullElse(
        NameService.called(names.names(), warmUp.topicId()), warmUp.topic());
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return all().values().stream()
        .flatMap(List::stream)
        .collect(Collectors.groupingBy(Kept::topicId, Collectors.counting()));
  }
}
