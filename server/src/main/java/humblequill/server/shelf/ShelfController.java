package humblequill.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/shelf")
class ShelfController {
  private final ShelfService shelf;
  private final ShelfViews views;

  ShelfController(ShelfService shelf, ShelfViews views) {
    this.shelf = shelf;
    this.views = views;
  }

  @GetMapping
  ShelfView read() {
    return views.read();
  }

  @GetMapping("/{id}")
  ResourceView resource(@PathVariable UUID id) {
    return views.view(id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ResourceView create(@RequestBody @Valid NewResource resource) {
    shelf.create(resource.id(), resource.fields());
    return views.view(resource.id());
  }

  @PutMapping("/{id}")
  ResourceView change(@PathVariable UUID id, @RequestBody @Valid ChangedResource resource) {
    shelf.change(id, resource.change(), resource.version(), resource.fields());
    return views.view(id);
  }

  /** Takes it off the shelf; its entries still name it. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    shelf.remove(id, true);
  }

  @PostMapping("/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    shelf.remove(id, false);
  }

  /** A new resource under an id that the client made, so that a retry never makes two. */
  record NewResource(@NotNull UUID id, @NotNull @Valid ResourceFields fields) {}

  /**
   * A change on top of the version that the client read.
   *
   * @param change made by the client; under it another name can be taken back
   */
  record ChangedResource(
      long version, @NotNull UUID change, @NotNull @Valid ResourceFields fields) {}
}
