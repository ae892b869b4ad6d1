package humblequill.server.book;

import humblequill.core.book.PageState;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What was told of a page, or that pictures of it refer to. */
@Entity
@Table(name = "page")
class PageEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  UUID bookId = new UUID(0, 0);
  int number = 1;

  @Enumerated(EnumType.STRING)
  PageState state = PageState.UNTOUCHED;

  String words = "";
  boolean favourite;
  boolean keptPrivate;

  /** What it tells, apart from the database. */
  PageService.ToldPage told() {
    return new PageService.ToldPage(id, bookId, number, state, words, favourite, keptPrivate);
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
