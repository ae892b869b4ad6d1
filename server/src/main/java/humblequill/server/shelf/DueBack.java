package humblequill.server.shelf;

import humblequill.core.ground.name.NameKind;
import humblequill.core.shelf.Ownership;
import humblequill.server.ground.name.NameService;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** When borrowed resources go back. */
@Component
public class DueBack {
  private final ToldResources told;
  private final NameService names;

  DueBack(ToldResources told, NameService names) {
    this.told = told;
    this.names = names;
  }

  /** A borrowed resource. */
  public record Due(UUID id, String name, LocalDate on) {}

  /** All that are borrowed and not done. */
  @Transactional(readOnly = true)
  public List<Due> all() {
    var known = names.names();
    return known.all(NameKind.RESOURCE).stream()
        .filter(n -> !told.of(n.id()).done())
        .flatMap(
            n -> {
              var f = told.of(n.id()).resource().fields(n.text(), known);
              return f.ownership() == Ownership.BORROWED && f.dueBack() != null
                  ? java.util.stream.Stream.of(new Due(n.id(), n.text(), f.dueBack()))
                  : java.util.stream.Stream.<Due>empty();
            })
        .toList();
  }
}
