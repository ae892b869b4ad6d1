package humblequill.server.day.entry;

import humblequill.core.course.Exercise;
import humblequill.core.ground.name.NameKind;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.name.NameService;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What exercises ask to look for, as long as nobody said whether a drawing shows it. */
@Component
public class LookFor {
  private final PlacementService placements;
  private final NameService names;
  private final Unjudged unjudged;

  LookFor(PlacementService placements, NameService names, Unjudged unjudged) {
    this.placements = placements;
    this.names = names;
    this.unjudged = unjudged;
  }

  /** What to look for in an entry. */
  public record OpenLook(UUID entry, String title, String lookFor) {}

  /** What some entries leave open; nothing in a book that is not judged. */
  @Transactional(readOnly = true)
  public List<OpenLook> open(List<EntryView> entries) {
    return entries.stream().flatMap(this::open).toList();
  }

  private Stream<OpenLook> open(EntryView entry) {
    var fields = entry.fields();
    boolean answered = fields.study() != null && fields.study().lookedFor() != null;
    return answered || isUnjudged(fields)
        ? Stream.empty()
        : exercise(fields)
            .filter(e -> !e.lookFor().isBlank())
            .map(e -> new OpenLook(entry.id(), e.title(), e.lookFor()))
            .stream();
  }

  private boolean isUnjudged(EntryFields fields) {
    return Optional.ofNullable(fields.book())
        .flatMap(book -> names.names().find(NameKind.BOOK, book))
        .filter(book -> unjudged.books().contains(book.id()))
        .isPresent();
  }

  private Optional<Exercise> exercise(EntryFields fields) {
    var id = fields.exerciseId();
    return id == null
        ? Optional.empty()
        : placements.followed().stream()
            .flatMap(p -> p.placement().exercise(id).stream())
            .findFirst();
  }
}
