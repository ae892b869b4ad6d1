package humblequill.server.topic.coverage;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.Drawn;
import humblequill.core.topic.coverage.FeltWeak;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the learner tells of topics: how deep they are reached, and which feel weak. */
@Component
public class ToldTopics {
  private final ToldTopicRepository repository;
  private final NameService names;
  private final EntryLedger ledger;
  private final Remembered<Map<UUID, Told>> stored;

  ToldTopics(ToldTopicRepository repository, NameService names, EntryLedger ledger, Memory memory) {
    this.repository = repository;
    this.names = names;
    this.ledger = ledger;
    this.stored = memory.remember("what is told of topics", ToldTopicEntity.class);
  }

  /**
   * What is told of a topic.
   *
   * @param depth null to leave it to the entries
   * @param weak null where it does not feel weak
   */
  record Told(@Nullable Depth depth, @Nullable Weak weak) {}

  /**
   * That a topic feels weak.
   *
   * @param since the day on which it was told
   * @param drawings how many more were wished for
   */
  record Weak(LocalDate since, int drawings) {}

  /**
   * A topic that feels weak, with what became of it.
   *
   * @param since the day on which it was told
   * @param wished how many more drawings were wished for
   */
  public record WeakTopic(UUID topic, String name, LocalDate since, int wished, FeltWeak felt) {}

  private Map<UUID, Told> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .collect(Collectors.toUnmodifiableMap(e -> e.id, ToldTopics::told)));
  }

  private static Told told(ToldTopicEntity e) {
    return new Told(
        e.depth,
        e.weakSince == null || e.weakDrawings == null
            ? null
            : new Weak(e.weakSince, e.weakDrawings));
  }

  /** What is told of a topic by this name, else by one that was merged into it. */
  @Transactional(readOnly = true)
  Optional<Told> of(UUID topic) {
    var told = all();
    return Optional.ofNullable(told.get(topic))
        .or(
            () ->
                names.names().mergedInto(topic).stream()
                    .flatMap(n -> Stream.ofNullable(told.get(n.id())))
                    .findFirst());
  }

  @Transactional
  void reach(UUID topic, @Nullable Depth depth) {
    write(topic, new Told(depth, of(topic).map(Told::weak).orElse(null)));
  }

  /**
   * Keeps that a topic feels weak.
   *
   * @param since the day on which it is told
   * @param drawings how many more are wished for
   */
  @Transactional
  public void weak(UUID topic, LocalDate since, int drawings) {
    write(topic, new Told(of(topic).map(Told::depth).orElse(null), new Weak(since, drawings)));
  }

  @Transactional
  void better(UUID topic) {
    write(topic, new Told(of(topic).map(Told::depth).orElse(null), null));
  }

  private void write(UUID topic, Told told) {
    var entity = repository.findById(topic).orElseGet(ToldTopicEntity::new);
    entity.id = topic;
    entity.depth = told.depth();
    entity.weakSince = told.weak() == null ? null : told.weak().since();
    entity.weakDrawings = told.weak() == null ? null : told.weak().drawings();
    repository.saveAndFlush(entity);
  }

  /**
   * Topics that feel weak and did so before a day, the first told before the others.
   *
   * @param until the last day whose drawings count
   */
  @Transactional(readOnly = true)
  public List<WeakTopic> weakBefore(LocalDate day, LocalDate until) {
    var known = names.names();
    return all().keySet().stream()
        .flatMap(id -> known.find(id).stream())
        .distinct()
        .flatMap(
            name ->
                of(name.id()).flatMap(t -> Optional.ofNullable(t.weak())).stream()
                    .filter(w -> w.since().isBefore(day))
                    .map(
                        w ->
                            new WeakTopic(
                                name.id(),
                                name.text(),
                                w.since(),
                                w.drawings(),
                                FeltWeak.of(drawn(name.text()), w.since(), until))))
        .sorted(Comparator.comparing(WeakTopic::since).thenComparing(WeakTopic::name))
        .toList();
  }

  private List<Drawn> drawn(String topic) {
    return ledger.read().all().filter(d -> d.topics().contains(topic)).toList();
  }
}
