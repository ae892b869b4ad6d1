package humblequill.server.day.entry;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.Drawn;
import humblequill.server.course.placement.PlacementService;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Weeks of courses whose exercises were drawn. */
@Component
class ServedWeeks implements Serving {
  private final EntryLedger ledger;
  private final PlacementService placements;

  ServedWeeks(EntryLedger ledger, PlacementService placements) {
    this.ledger = ledger;
    this.placements = placements;
  }

  @Override
  @Transactional(readOnly = true)
  public List<Served> servedBy(Set<UUID> entries) {
    var courses = placements.all();
    return ledger
        .read()
        .all()
        .filter(d -> entries.contains(d.entry()))
        .flatMap(d -> served(d, courses).stream())
        .distinct()
        .toList();
  }

  private static Optional<Served> served(Drawn drawn, List<PlacedCourse> courses) {
    return courses.stream()
        .filter(c -> drawn.placement().filter(c.id()::equals).isPresent())
        .findFirst()
        .flatMap(
            c ->
                drawn
                    .exercise()
                    .flatMap(e -> c.placement().weekOf(e, drawn.day()))
                    .map(w -> served(c, w)));
  }

  private static Served served(PlacedCourse course, PlacedWeek week) {
    return new Served(
        week.week().title(),
        course.placement().course().title(),
        week.number().orElse(null),
        "/course?plan=" + course.id() + "&week=" + week.key());
  }
}
