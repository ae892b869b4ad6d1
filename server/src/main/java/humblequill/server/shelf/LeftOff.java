package humblequill.server.shelf;

import humblequill.core.shelf.Resource;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Resources that were begun and not used for weeks. */
@Service
public class LeftOff {
  private final ShelfViews views;

  LeftOff(ShelfViews views) {
    this.views = views;
  }

  /** A resource that was left off. */
  public record LeftOffResource(UUID id, String name, LocalDate last) {}

  /** Those of a day. */
  @Transactional(readOnly = true)
  public List<LeftOffResource> on(LocalDate today) {
    return views.read().resources().stream()
        .filter(r -> r.place() == Resource.Place.LEFT_OFF)
        .map(
            r ->
                new LeftOffResource(
                    r.id(), r.fields().name(), Objects.requireNonNullElse(r.used().last(), today)))
        .toList();
  }
}
