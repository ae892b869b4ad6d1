package humblequill.server.day.entry;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Study;
import humblequill.core.ground.name.Names;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Everything drawn, as the rules count it. Every page that plans or counts looks at it, so that it
 * is held in memory; only the days that a write touched are read again.
 */
@Component
public class EntryLedger implements NameUses {
  private final PlacementService placements;
  private final NameService names;
  private final Unjudged unjudged;
  private final Remembered<NavigableMap<LocalDate, List<EntryRepository.Counted>>> stored;
  private final RowsByDay<EntryRepository.Counted> byDay;
  private final Derived<Ledger> ledger = new Derived<>();
  private volatile @Nullable Counting last;

  EntryLedger(
      EntryRepository repository,
      PlacementService placements,
      NameService names,
      Unjudged unjudged,
      Memory memory) {
    this.unjudged = unjudged;
    this.placements = placements;
    this.names = names;
    this.stored =
        memory.rememberBy("what counts of every entry, by day", EntryEntity.class, "practiceDay");
    this.byDay =
        new RowsByDay<>(repository::counted, repository::countedOn, EntryRepository.Counted::day);
  }

  /** Everything drawn so far. */
  @Transactional(readOnly = true)
  public Ledger read() {
    var rows = rows();
    var placed = placements.all();
    var known = names.names();
    var books = unjudged.books();
    return ledger.get(
        List.of(rows, placed, known, books), () -> counted(rows, placed, known, books));
  }

  /** What was counted last. */
  private record Counting(
      Map<LocalDate, List<EntryRepository.Counted>> rows,
      List<PlacedCourse> placed,
      Names names,
      Set<UUID> unjudged,
      Ledger ledger) {}

  /** Days whose rows are the same list as before count as they did. */
  private Ledger counted(
      Map<LocalDate, List<EntryRepository.Counted>> rows,
      List<PlacedCourse> placed,
      Names known,
      Set<UUID> books) {
    var before = last;
    var lines = new Lines(placed, known, books);
    boolean goesOn =
        before != null
            && before.placed == placed
            && before.names == known
            && before.unjudged == books;
    var stood = goesOn ? before.rows : Map.<LocalDate, List<EntryRepository.Counted>>of();
    var days = new HashSet<LocalDate>();
    for (var day : rows.entrySet()) {
      if (stood.get(day.getKey()) != day.getValue()) {
        days.add(day.getKey());
      }
    }
    for (var day : stood.keySet()) {
      if (!rows.containsKey(day)) {
        days.add(day);
      }
    }
    var drawn =
        days.stream()
            .sorted()
            .flatMap(day -> rows.getOrDefault(day, List.of()).stream())
            .map(lines::drawn)
            .toList();
    var counted = (goesOn ? before.ledger : Ledger.EMPTY).with(days, drawn);
    last = new Counting(rows, placed, known, books, counted);
    return counted;
  }

  private Map<LocalDate, List<EntryRepository.Counted>> rows() {
    return stored.get(byDay::read, byDay::again);
  }

  @Override
  public Map<UUID, Long> uses() {
    return rows().values().stream()
        .flatMap(List::stream)
        .flatMap(
            row ->
                Stream.concat(
                    Stream.of(
                        row.topicId(),
                        row.sourceId(),
                        row.mediumId(),
                        row.bookId(),
                        row.resourceId()),
                    StoredStudy.ids(row.facetIds()).stream()))
        .filter(Objects::nonNull)
        .collect(Collectors.groupingBy(id -> id, Collectors.counting()));
  }

  /** Turns stored rows into what counts, with names as they are called now. */
  private static final class Lines {
    private final Map<UUID, PlacedCourse> placed = new HashMap<>();
    private final Map<String, Set<String>> topics = new HashMap<>();
    private final Map<String, Drawn.Purpose> purposes = new HashMap<>();
    private final Set<String> unjudged = new HashSet<>();
    private final Names names;

    private Lines(List<PlacedCourse> all, Names names, Set<UUID> books) {
      all.forEach(p -> placed.put(p.id(), p));
      this.names = names;
      books.forEach(id -> called(id).ifPresent(unjudged::add));
    }

    private Drawn drawn(EntryRepository.Counted row) {
      var minutes =
          Minutes.of(
              Optional.ofNullable(row.minutes()),
              Optional.ofNullable(row.drawings()),
              Optional.ofNullable(row.secondsEach()));
      int first = Objects.requireNonNullElse(row.pageFrom(), 0);
      int last = Objects.requireNonNullElse(row.pageTo(), first);
      var book = called(row.bookId());
      return new Drawn(
          row.id(),
          row.day(),
          Objects.requireNonNullElse(row.exerciseTitle(), called(row.topicId()).orElse(row.note())),
          Optional.ofNullable(row.placementId()),
          Optional.ofNullable(row.exerciseId()),
          topics(row),
          called(row.mediumId()),
          called(row.sourceId()),
          book,
          Optional.ofNullable(row.drawings()),
          minutes,
          first == 0 ? 0 : new PageSpan(first, last).count(),
          last,
          isUnjudged(book) || row.mark() == null ? 0 : row.mark(),
          learned(row, isUnjudged(book)));
    }

    private boolean isUnjudged(Optional<String> book) {
      return book.filter(unjudged::contains).isPresent();
    }

    private Drawn.Learned learned(EntryRepository.Counted row, boolean notJudged) {
      var study =
          new Study(
              StoredStudy.units(row.unit(), row.unitFrom(), row.unitTo()),
              Optional.ofNullable(row.used()).map(HowUsed::valueOf),
              StoredStudy.facets(row.facetIds(), names),
              Optional.ofNullable(row.markBefore()).filter(m -> !notJudged),
              Optional.ofNullable(row.lookedFor()).map(LookedFor::valueOf),
              Optional.ofNullable(row.depth()).map(Depth::valueOf),
              StoredStudy.own(row.ownFigure(), row.ownCount()).filter(own -> !notJudged));
      return new Drawn.Learned(
          purpose(row), called(row.resourceId()), study, row.wentWrong() && !notJudged);
    }

    private Drawn.Purpose purpose(EntryRepository.Counted row) {
      var course = row.placementId() == null ? null : placed.get(row.placementId());
      if (row.exerciseId() == null || course == null) {
        return Drawn.Purpose.FREE;
      }
      return purposes.computeIfAbsent(
          row.placementId() + "/" + row.exerciseId(),
          key ->
              course
                  .placement()
                  .exercise(row.exerciseId())
                  .map(Exercise::kind)
                  .map(
                      kind ->
                          switch (kind) {
                            case FREE -> Drawn.Purpose.FREE;
                            case APPLIED -> Drawn.Purpose.APPLIED;
                            case WARM_UP, LESSON, DRILL, TIMED_POSES, STUDY, CHECKPOINT ->
                                Drawn.Purpose.STUDY;
                          })
                  .orElse(Drawn.Purpose.STUDY));
    }

    private Optional<String> called(@Nullable UUID id) {
      return Optional.ofNullable(NameService.called(names, id));
    }

    private Set<String> topics(EntryRepository.Counted row) {
      if (row.topicId() != null) {
        return called(row.topicId()).map(Set::of).orElse(Set.of());
      }
      var course = row.placementId() == null ? null : placed.get(row.placementId());
      if (row.exerciseId() == null || course == null) {
        return Set.of();
      }
      return topics.computeIfAbsent(
          row.placementId() + "/" + row.exerciseId(),
          key -> Set.copyOf(course.placement().topicsOf(row.exerciseId())));
    }
  }
}
