package humblequill.server.shelf;

import humblequill.core.book.Cost;
import humblequill.core.book.FullDate;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.shelf.Queue;
import humblequill.core.shelf.Resource;
import humblequill.core.shelf.ResourceUse;
import humblequill.core.shelf.Teachers;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf as it is shown. */
@Service
class ShelfViews {

  private final ShelfService shelf;
  private final ToldResources told;
  private final NameService names;
  private final EntryLedger ledger;
  private final PlacementService placements;
  private final SettingsService settings;
  private final Derived<Map<UUID, Resource>> resources = new Derived<>();

  ShelfViews(
      ShelfService shelf,
      ToldResources told,
      NameService names,
      EntryLedger ledger,
      PlacementService placements,
      SettingsService settings) {
    this.shelf = shelf;
    this.told = told;
    this.names = names;
    this.ledger = ledger;
    this.placements = placements;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  ShelfView read() {
    var today = settings.learner().today();
    var all = resources();
    var views = views(all, today);
    var there = new LinkedHashMap<>(all);
    there.keySet().removeIf(id -> told.of(id).removed());
    return new ShelfView(
        views.stream()
            .filter(r -> !r.removed())
            .sorted(
                Comparator.comparing(ResourceView::place)
                    .thenComparing(
                        r -> r.fields().queue() == null ? Integer.MAX_VALUE : r.fields().queue())
                    .thenComparing(r -> -r.used().minutes())
                    .thenComparing(r -> r.fields().name()))
            .toList(),
        views.stream().filter(ResourceView::removed).toList(),
        named(),
        remarks(there, today),
        weeks(there.values(), today));
  }

  @Transactional(readOnly = true)
  ResourceView view(UUID id) {
    return view(shelf.name(id), resources(), told.waiting(), settings.learner().today());
  }

  private List<ResourceView> views(Map<UUID, Resource> all, LocalDate today) {
    var waiting = told.waiting();
    return names.names().all(NameKind.RESOURCE).stream()
        .map(name -> view(name, all, waiting, today))
        .toList();
  }

  /** All resources by the identity of their names, those off the shelf among them. */
  Map<UUID, Resource> resources() {
    var drawn = ledger.read();
    var weekStart = settings.learner().weekStart();
    return resources.get(
        List.of(drawn, names.names(), told.all(), weekStart), () -> resources(drawn, weekStart));
  }

  private Map<UUID, Resource> resources(Ledger drawn, DayOfWeek weekStart) {
    var byName =
        drawn
            .all()
            .filter(d -> d.learned().resource().isPresent())
            .collect(Collectors.groupingBy(d -> d.learned().resource().orElseThrow()));
    var all = new LinkedHashMap<UUID, Resource>();
    for (var name : names.names().all(NameKind.RESOURCE)) {
      all.put(name.id(), resource(name, byName.getOrDefault(name.text(), List.of()), weekStart));
    }
    return Collections.unmodifiableMap(all);
  }

  private Resource resource(Name name, List<Drawn> drawn, DayOfWeek weekStart) {
    var f = told.of(name.id()).resource().fields(name.text(), names.names());
    var unit = Optional.ofNullable(f.unit());
    return new Resource(
        f.role(),
        f.ownership(),
        f.topics(),
        unit.isPresent(),
        f.queue() != null,
        Optional.ofNullable(f.dueBack()),
        f.wanted().size(),
        f.ended() != null,
        ResourceUse.of(
            drawn,
            unit,
            f.total() == null ? OptionalInt.empty() : OptionalInt.of(f.total()),
            unit.stream()
                .flatMap(u -> f.byHand().stream().map(s -> new Units(u, s.from(), s.to())))
                .toList(),
            weekStart));
  }

  private static ResourceView.UseOfResource view(Resource r, LocalDate today) {
    var use = r.use();
    return new ResourceView.UseOfResource(
        use.read().count(),
        use.read().next(),
        use.read().spans(),
        use.read().gaps(),
        use.entries(),
        use.minutes(),
        use.drawings(),
        use.first().orElse(null),
        use.last().orElse(null),
        boxed(use.unitsAWeek()),
        use.activeWeeks(),
        r.finish(today).orElse(null),
        use.byHow(),
        use.attemptedFirst(),
        boxed(use.withAttempt()),
        boxed(use.without()));
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private ResourceView view(
      Name name, Map<UUID, Resource> all, Map<UUID, Queue.Waiting> waiting, LocalDate today) {
    var mine = told.of(name.id());
    var fields = mine.resource().fields(name.text(), names.names());
    var resource = all.get(name.id());
    return new ResourceView(
        name.id(),
        mine.version(),
        resource.place(today),
        mine.removed(),
        fields,
        view(resource, today),
        waitsFor(name, fields, all, waiting),
        resource.use().topics().stream().filter(t -> !fields.topics().contains(t)).toList(),
        fields.price() == null
            ? null
            : Cost.of(fields.price(), 0, resource.use().minutes()).perHour().orElse(null));
  }

  private List<ResourceView.WaitsFor> waitsFor(
      Name name, ResourceFields fields, Map<UUID, Resource> all, Map<UUID, Queue.Waiting> waiting) {
    var today = settings.learner().today();
    var found = new ArrayList<ResourceView.WaitsFor>();
    var mine = waiting.get(name.id());
    if (mine != null) {
      for (var id : Queue.waitsFor(mine, waiting)) {
        var first = all.get(id);
        var left = first.use().read().left();
        found.add(
            new ResourceView.WaitsFor(
                id,
                waiting.get(id).name(),
                null,
                left.isPresent() ? left.getAsInt() : null,
                first.finish(today).flatMap(FullDate::middle).orElse(null)));
      }
    }
    week(fields).ifPresent(found::add);
    return found;
  }

  private Optional<ResourceView.WaitsFor> week(ResourceFields f) {
    if (f.afterPlacement() == null || f.afterWeek() == null) {
      return Optional.empty();
    }
    return placements.all().stream()
        .filter(p -> p.id().equals(f.afterPlacement()))
        .flatMap(p -> p.placement().week(f.afterWeek()).stream())
        .filter(w -> !w.to().isBefore(settings.learner().today()))
        .map(
            w ->
                new ResourceView.WaitsFor(
                    null, w.week().title(), w.number().orElse(null), null, w.to()))
        .findFirst();
  }

  /** What followed courses name and no resource of the learner's is called. */
  private List<String> named() {
    var known = names.names();
    return placements.followed().stream()
        .flatMap(p -> p.placement().course().weeks().stream())
        .flatMap(
            w ->
                Stream.concat(
                    w.resources().stream(),
                    w.exercises().stream().flatMap(e -> e.resource().stream())))
        .filter(text -> known.find(NameKind.RESOURCE, text).isEmpty())
        .distinct()
        .sorted()
        .toList();
  }

  private List<ShelfView.ShelfRemark> remarks(Map<UUID, Resource> all, LocalDate today) {
    var remarks = new ArrayList<ShelfView.ShelfRemark>();
    all.forEach(
        (id, resource) ->
            resource
                .remarks(today)
                .forEach(
                    kind ->
                        remarks.add(
                            new ShelfView.ShelfRemark(
                                kind,
                                id,
                                shelf.name(id).text(),
                                kind == Resource.Remark.DUE
                                    ? (int)
                                        ChronoUnit.DAYS.between(
                                            today, resource.dueBack().orElseThrow())
                                    : resource.wanted(),
                                resource.dueBack().orElse(null)))));
    return remarks;
  }

  private List<ShelfView.WeekWithoutTeacher> weeks(
      Collection<Resource> resources, LocalDate today) {
    var weeks = new ArrayList<ShelfView.WeekWithoutTeacher>();
    for (PlacedCourse course : placements.followed()) {
      Teachers.missing(course.placement(), resources, today)
          .forEach(
              w ->
                  weeks.add(
                      new ShelfView.WeekWithoutTeacher(
                          course.id(),
                          w.key(),
                          w.number().orElse(null),
                          w.week().title(),
                          w.week().topics())));
    }
    return weeks;
  }
}
