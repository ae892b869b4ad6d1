package humblequill.server.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What on the shelf teaches some topics. */
@Component
public class Teaching {
  private final ShelfViews views;
  private final ShelfService shelf;
  private final ToldResources told;

  Teaching(ShelfViews views, ShelfService shelf, ToldResources told) {
    this.views = views;
    this.shelf = shelf;
    this.told = told;
  }

  /** A resource that teaches. */
  public record Teacher(UUID id, String name) {}

  /** Those at hand that teach one of some topics. */
  @Transactional(readOnly = true)
  public List<Teacher> of(List<String> topics) {
    return views.resources().entrySet().stream()
        .filter(e -> !told.of(e.getKey()).removed() && e.getValue().teachesAny(topics))
        .map(e -> new Teacher(e.getKey(), shelf.name(e.getKey()).text()))
        .toList();
  }
}
