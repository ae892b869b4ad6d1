package humblequill.server.shelf;

import humblequill.core.book.FullDate;
import humblequill.core.entry.Drawn;
import humblequill.core.entry.UnitKind;
import humblequill.core.entry.Units;
import humblequill.core.name.Name;
import humblequill.core.name.NameKind;
import humblequill.core.placement.PlacedCourse;
import humblequill.core.shelf.Ownership;
import humblequill.core.shelf.Queue;
import humblequill.core.shelf.ResourceRole;
import humblequill.core.shelf.ResourceUse;
import humblequill.server.entry.EntryLedger;
import humblequill.server.name.NameService;
import humblequill.server.placement.PlacementService;
import humblequill.server.settings.SettingsService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf as it is shown. */
@Service
class ShelfViews {
  private static final int LEFT_OFF_DAYS = 21;
  private static final int WANTED_OFTEN = 3;
  private static final int DUE_SOON = 14;
  private static final int WEEKS_AHEAD = 4;
  private static final int MINUTES = 60;

  private final ShelfService shelf;
  private final ToldResources told;
  private final NameService names;
  private final EntryLedger ledger;
  private final PlacementService placements;
  private final SettingsService settings;

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
    var resources = all().stream().filter(r -> !r.removed()).toList();
    var today = settings.learner().today();
    return new ShelfView(
        resources.stream()
            .sorted(
                Comparator.comparing(ResourceView::place)
                    .thenComparing(
                        r -> r.fields().queue() == null ? Integer.MAX_VALUE : r.fields().queue())
                    .thenComparing(r -> -r.used().minutes())
                    .thenComparing(r -> r.fields().name()))
            .toList(),
        named(),
        remarks(resources, today),
        weeks(resources, today));
  }

  @Transactional(readOnly = true)
  ResourceView view(UUID id) {
    var name = shelf.name(id);
    return all().stream().filter(r -> r.id().equals(name.id())).findFirst().orElseThrow();
  }

  private List<ResourceView> all() {
    var byName = new HashMap<String, List<Drawn>>();
    ledger
        .read()
        .all()
        .forEach(
            d ->
                d.learned()
                    .resource()
                    .ifPresent(r -> byName.computeIfAbsent(r, k -> new ArrayList<>()).add(d)));
    var waiting = told.waiting();
    var uses = new HashMap<UUID, ResourceView.UseOfResource>();
    var known = names.names().all(NameKind.RESOURCE);
    for (var name : known) {
      uses.put(name.id(), use(name, byName.getOrDefault(name.text(), List.of())));
    }
    return known.stream()
        .map(name -> view(name, byName.getOrDefault(name.text(), List.of()), uses, waiting))
        .toList();
  }

  private ResourceView.UseOfResource use(Name name, List<Drawn> drawn) {
    var learner = settings.learner();
    var stored = told.of(name.id()).resource();
    var unit = Optional.ofNullable(stored.fields("", names.names()).unit());
    var total = stored.total() == null ? OptionalInt.empty() : OptionalInt.of(stored.total());
    var byHand =
        stored.byHand().stream()
            .map(s -> new Units(unit.orElse(UnitKind.PAGE), s.from(), s.to()))
            .toList();
    var use = ResourceUse.of(drawn, unit, total, byHand, learner.weekStart());
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
        stored.ended() == null ? finish(use, learner.today()) : null,
        use.byHow(),
        use.attemptedFirst(),
        boxed(use.withAttempt()),
        boxed(use.without()));
  }

  /** A resource is done as a book is full: one unit after another on the days to come. */
  private static @Nullable FullDate finish(ResourceUse use, LocalDate today) {
    var left = use.read().left();
    var first = use.newlyRead().byDay();
    return left.isEmpty() || left.getAsInt() <= 0 || first.isEmpty()
        ? null
        : FullDate.of(left.getAsInt(), use.newlyRead(), first.firstKey(), 1, today);
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private ResourceView view(
      Name name,
      List<Drawn> drawn,
      Map<UUID, ResourceView.UseOfResource> uses,
      Map<UUID, Queue.Waiting> waiting) {
    var mine = told.of(name.id());
    var fields = mine.resource().fields(name.text(), names.names());
    var use = uses.get(name.id());
    return new ResourceView(
        name.id(),
        mine.version(),
        place(fields, use),
        mine.removed(),
        fields,
        use,
        waitsFor(name, fields, uses, waiting),
        topics(drawn, fields),
        perHour(fields, use.minutes()));
  }

  private ResourceView.Place place(ResourceFields f, ResourceView.UseOfResource use) {
    if (f.ended() != null) {
      return ResourceView.Place.DONE;
    }
    if (f.ownership() == Ownership.WANTED) {
      return ResourceView.Place.WANTED;
    }
    if (f.queue() != null && use.read() == 0) {
      return ResourceView.Place.QUEUED;
    }
    if (f.unit() == null || f.role() != ResourceRole.TEACHES || use.entries() == 0) {
      return ResourceView.Place.AT_HAND;
    }
    long since =
        use.last() == null ? 0 : ChronoUnit.DAYS.between(use.last(), settings.learner().today());
    return since > LEFT_OFF_DAYS ? ResourceView.Place.LEFT_OFF : ResourceView.Place.READING;
  }

  private List<ResourceView.WaitsFor> waitsFor(
      Name name,
      ResourceFields fields,
      Map<UUID, ResourceView.UseOfResource> uses,
      Map<UUID, Queue.Waiting> waiting) {
    var found = new ArrayList<ResourceView.WaitsFor>();
    var mine = waiting.get(name.id());
    if (mine != null) {
      for (var id : Queue.waitsFor(mine, waiting)) {
        var use = uses.get(id);
        var finish = use.finish();
        found.add(
            new ResourceView.WaitsFor(
                id,
                waiting.get(id).name(),
                finish == null ? null : finish.left(),
                finish == null ? null : finish.middle().orElse(null)));
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
                    null,
                    w.number().map(n -> "week " + n + ", ").orElse("") + w.week().title(),
                    null,
                    w.to()))
        .findFirst();
  }

  private static List<String> topics(List<Drawn> drawn, ResourceFields fields) {
    var minutes = new TreeMap<String, Integer>();
    drawn.forEach(
        d -> d.topics().forEach(t -> minutes.merge(t, d.minutes().minutes(), Integer::sum)));
    return minutes.entrySet().stream()
        .filter(e -> !fields.topics().contains(e.getKey()))
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .map(Map.Entry::getKey)
        .toList();
  }

  private static @Nullable BigDecimal perHour(ResourceFields fields, int minutes) {
    return fields.price() == null || minutes == 0
        ? null
        : fields
            .price()
            .multiply(BigDecimal.valueOf(MINUTES))
            .divide(BigDecimal.valueOf(minutes), 2, RoundingMode.HALF_UP);
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

  private static List<ShelfView.ShelfRemark> remarks(
      List<ResourceView> resources, LocalDate today) {
    var remarks = new ArrayList<ShelfView.ShelfRemark>();
    for (var r : resources) {
      var f = r.fields();
      if (f.ownership() == Ownership.BORROWED && f.dueBack() != null) {
        long days = ChronoUnit.DAYS.between(today, f.dueBack());
        if (days <= DUE_SOON) {
          remarks.add(
              new ShelfView.ShelfRemark(
                  ShelfView.Kind.DUE, r.id(), f.name(), (int) days, f.dueBack()));
        }
      }
      if (f.wanted().size() >= WANTED_OFTEN && r.used().entries() == 0 && f.ended() == null) {
        remarks.add(
            new ShelfView.ShelfRemark(
                ShelfView.Kind.WANTED_AGAIN, r.id(), f.name(), f.wanted().size(), null));
      }
    }
    return remarks;
  }

  private List<ShelfView.WeekWithoutTeacher> weeks(List<ResourceView> resources, LocalDate today) {
    var taught = new HashSet<String>();
    for (var r : resources) {
      if (r.fields().role() == ResourceRole.TEACHES && r.fields().ownership() != Ownership.WANTED) {
        taught.addAll(r.fields().topics());
        taught.addAll(r.entryTopics());
      }
    }
    if (taught.isEmpty()) {
      return List.of();
    }
    var weeks = new ArrayList<ShelfView.WeekWithoutTeacher>();
    for (PlacedCourse course : placements.followed()) {
      course.placement().weeks().stream()
          .filter(w -> !w.to().isBefore(today))
          .limit(WEEKS_AHEAD)
          .filter(w -> !w.week().topics().isEmpty())
          .filter(w -> w.week().topics().stream().noneMatch(taught::contains))
          .forEach(
              w ->
                  weeks.add(
                      new ShelfView.WeekWithoutTeacher(
                          course.id(),
                          w.key(),
                          w.number().orElse(null),
                          w.week().title(),
                          w.week().topics().stream().collect(Collectors.toList()))));
    }
    return weeks;
  }
}
