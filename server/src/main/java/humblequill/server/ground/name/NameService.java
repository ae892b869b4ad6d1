package humblequill.server.ground.name;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.BrokenNamesException;
import humblequill.core.ground.name.Fold;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Knows all names, and gives an identity to those that are written for the first time. */
@Service
public class NameService {
  private final NameRepository repository;
  private final GivenTopics topics;
  private final Remembered<List<Name>> stored;
  private final Derived<Known> known = new Derived<>();

  /** Two writes must not give the same name two identities. */
  private final ReentrantLock creating = new ReentrantLock();

  NameService(NameRepository repository, GivenTopics topics, Memory memory) {
    this.repository = repository;
    this.topics = topics;
    this.stored = memory.remember("names", NameEntity.class);
  }

  /** All names, and those among them that have a row that others can refer to. */
  private record Known(Names names, Set<UUID> rows) {
    static Known of(List<Name> own, List<Name> topics) {
      var given = new ArrayList<>(ShippedNames.all());
      given.addAll(topics);
      return new Known(
          Names.of(own, given), own.stream().map(Name::id).collect(Collectors.toSet()));
    }
  }

  private Known known() {
    var own =
        stored.get(
            () ->
                repository.findAllByOrderByTextAscIdAsc().stream().map(NameEntity::read).toList());
    var given = topics.names();
    return known.get(List.of(own, given), () -> Known.of(own, given));
  }

  /** All names as they are. */
  @Transactional(readOnly = true)
  public Names names() {
    return known().names();
  }

  /**
   * The identity of a name, which is made if it was never written before. To be asked for before
   * anything else is written in a transaction.
   */
  @Transactional
  public UUID idOf(NameKind kind, String text) {
    var before = withRow(kind, text);
    if (before.isPresent()) {
      return before.get();
    }
    change();
    return withRow(kind, text)
        .orElseGet(
            () -> {
              var name = names().find(kind, text).orElseGet(() -> fresh(kind, text));
              save(name);
              return name.id();
            });
  }

  /** A name as it was written. */
  public record Written(NameKind kind, String text) {}

  /**
   * Gives an identity to all names that have none yet, at once: one by one, each would have all
   * others read again.
   */
  @Transactional
  public void make(Collection<Written> written) {
    if (written.stream().allMatch(w -> withRow(w.kind, w.text).isPresent())) {
      return;
    }
    change();
    var made = new LinkedHashMap<String, Name>();
    for (var w : written) {
      if (withRow(w.kind, w.text).isEmpty()) {
        var name = names().find(w.kind, w.text).orElseGet(() -> fresh(w.kind, w.text));
        made.putIfAbsent(w.kind + Fold.of(name.text()), name);
      }
    }
    made.values().forEach(name -> repository.save(entity(name)));
    repository.flush();
    change();
    names();
  }

  private Optional<UUID> withRow(NameKind kind, String text) {
    var all = known();
    return all.names().find(kind, text).map(Name::id).filter(all.rows()::contains);
  }

  private static Name fresh(NameKind kind, String text) {
    try {
      return Name.fresh(UUID.randomUUID(), kind, text);
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue(
          kind.name().toLowerCase(Locale.ROOT),
          text,
          Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  /** The identity of a name that may be missing. */
  @Transactional
  public @Nullable UUID idOf(NameKind kind, Optional<String> text) {
    return text.map(t -> idOf(kind, t)).orElse(null);
  }

  /** A name as a document refers to it; null without one. */
  @Transactional
  public @Nullable NameRef refer(NameKind kind, @Nullable String text) {
    var stripped = text == null ? "" : text.strip();
    return stripped.isEmpty() ? null : new NameRef(idOf(kind, stripped), stripped);
  }

  /** How a name is called now; null without one. */
  @Transactional(readOnly = true)
  public @Nullable String called(@Nullable UUID id) {
    return called(names(), id);
  }

  /** How a name is called; null without one. */
  public static @Nullable String called(Names names, @Nullable UUID id) {
    return id == null ? null : names.find(id).map(Name::text).orElse(null);
  }

  /**
   * Keeps others from making or changing names until this transaction is completed; to be called
   * after every write as well, so that it reads its own.
   */
  void change() {
    if (!creating.isHeldByCurrentThread()) {
      creating.lock();
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
              creating.unlock();
            }
          });
    }
  }

  /** Keeps a name as it is now; refused when it cannot stand beside the others. */
  void save(Name name) {
    repository.saveAndFlush(entity(name));
    change();
    try {
      names();
    } catch (BrokenNamesException e) {
      throw Refusal.badValue(
          "text", e.value(), Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  private NameEntity entity(Name name) {
    var entity = repository.findById(name.id()).orElseGet(NameEntity::new);
    entity.write(name);
    return entity;
  }

  /** Removes a name. */
  void remove(UUID id) {
    repository.deleteById(id);
    repository.flush();
    change();
  }
}
