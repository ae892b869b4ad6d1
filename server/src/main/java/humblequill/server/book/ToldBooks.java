package humblequill.server.book;

import humblequill.server.day.entry.Unjudged;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What was told of books, by the identity of their names; held in memory. */
@Component
class ToldBooks implements Unjudged {
  private final BookRepository repository;
  private final Remembered<Map<UUID, ToldBook>> stored;
  private final Derived<Set<UUID>> unjudged = new Derived<>();

  ToldBooks(BookRepository repository, Memory memory) {
    this.repository = repository;
    this.stored = memory.remember("what is told of books", BookEntity.class);
  }

  @Transactional(readOnly = true)
  public Map<UUID, ToldBook> all() {
    return stored.get(
        () -> repository.findAll().stream().collect(Collectors.toMap(e -> e.id, BookEntity::told)));
  }

  /** What was told of one; nothing where nothing was. */
  ToldBook of(UUID id) {
    return all().getOrDefault(id, ToldBook.NOTHING);
  }

  @Override
  @Transactional(readOnly = true)
  public Set<UUID> books() {
    var told = all();
    return unjudged.get(
        List.of(told),
        () ->
            told.entrySet().stream()
                .filter(b -> b.getValue().notJudged())
                .map(Map.Entry::getKey)
                .collect(Collectors.toUnmodifiableSet()));
  }

  void save(BookEntity entity) {
    repository.saveAndFlush(entity);
  }
}
