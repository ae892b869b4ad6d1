package humblequill.server.ground.data;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.orm.jpa.EntityManagerFactoryUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The caches of the application, and the entities each was read from. A write of such an entity
 * invalidates the cache by itself: {@link RowListener} tells each row that Hibernate writes.
 */
@Component
public class Memory {
  private final ObjectProvider<EntityManagerFactory> sessions;
  private final List<Remembered<?>> all = new CopyOnWriteArrayList<>();
  private final Map<Class<?>, List<Reader>> readers = new HashMap<>();

  Memory(ObjectProvider<EntityManagerFactory> sessions) {
    this.sessions = sessions;
  }

  /**
   * A cache that reads rows of an entity.
   *
   * @param key the property whose values name what is read again; empty for all of it
   */
  private record Reader(Remembered<?> cache, String key) {}

  /**
   * A cache.
   *
   * @param what is cached, in a few words
   * @param readFrom the entities it is read from; a write of one of them invalidates all of it
   */
  public <T> Remembered<T> remember(String what, Class<?>... readFrom) {
    var cache = new Remembered<T>(what, this::flush);
    all.add(cache);
    for (var entity : readFrom) {
      add(entity, new Reader(cache, ""));
    }
    return cache;
  }

  /**
   * A cache that is read again in parts.
   *
   * @param key a property of the entity: a write invalidates what stands under its values before
   *     and after
   */
  public <T> Remembered<T> rememberBy(String what, Class<?> readFrom, String key) {
    var cache = new Remembered<T>(what, this::flush);
    all.add(cache);
    add(readFrom, new Reader(cache, key));
    return cache;
  }

  private synchronized void add(Class<?> entity, Reader reader) {
    readers.computeIfAbsent(entity, e -> new CopyOnWriteArrayList<>()).add(reader);
  }

  private synchronized List<Reader> readersOf(Class<?> entity) {
    return List.copyOf(readers.getOrDefault(entity, List.of()));
  }

  /** What is cached, in a few words each. */
  public List<String> held() {
    return all.stream().map(Remembered::what).sorted().toList();
  }

  /** The entities that something is cached of. */
  public Set<Class<?>> readFrom() {
    return Set.copyOf(readers.keySet());
  }

  /** The caches that are read from an entity. */
  public List<Remembered<?>> cachesOf(Class<?> entity) {
    return readersOf(entity).stream().<Remembered<?>>map(Reader::cache).toList();
  }

  /** A row that the running transaction wrote. */
  void written(Class<?> entity, List<String> properties, Object[] before, Object[] after) {
    for (var reader : readersOf(entity)) {
      if (reader.key.isEmpty()) {
        reader.cache.changed();
      } else {
        reader.cache.changed(values(properties.indexOf(reader.key), before, after));
      }
    }
  }

  private static Collection<Object> values(int place, Object[] before, Object[] after) {
    var values = new ArrayList<>();
    Stream.of(before, after).filter(row -> row.length > 0).forEach(row -> values.add(row[place]));
    return values;
  }

  /** So that a transaction that writes finds its own writes in the caches as well. */
  private void flush() {
    if (!TransactionSynchronizationManager.isActualTransactionActive()
        || TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
      return;
    }
    var session = EntityManagerFactoryUtils.getTransactionalEntityManager(sessions.getObject());
    if (session != null && session.isJoinedToTransaction()) {
      session.flush();
    }
  }
}
