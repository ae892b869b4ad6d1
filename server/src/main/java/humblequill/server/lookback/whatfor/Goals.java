package humblequill.server.lookback.whatfor;

import humblequill.core.day.entry.Drawn;
import humblequill.core.promise.Outcome;
import humblequill.server.book.BookGoals;
import humblequill.server.book.EntryPictures;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.QuotaService;
import humblequill.server.promise.QuotaView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was wished for when a course, a promise or a book began, asked again at its end. */
@Service
public class Goals {
  private static final int SHOWN = 6;

  private final GoalRepository repository;
  private final PlacementService placements;
  private final QuotaService quotas;
  private final BookGoals books;
  private final EntryLedger ledger;
  private final EntryPictures pictures;
  private final SettingsService settings;
  private final Remembered<Map<GoalEntity.Key, KeptGoal>> stored;

  Goals(
      GoalRepository repository,
      PlacementService placements,
      QuotaService quotas,
      BookGoals books,
      EntryLedger ledger,
      EntryPictures pictures,
      SettingsService settings,
      Memory memory) {
    this.repository = repository;
    this.placements = placements;
    this.quotas = quotas;
    this.books = books;
    this.ledger = ledger;
    this.pictures = pictures;
    this.settings = settings;
    this.stored = memory.remember("goals of courses, promises and books", GoalEntity.class);
  }

  /** What a goal is set for. */
  public enum Kind {
    COURSE,
    PROMISE,
    BOOK
  }

  private record StoredGoal(
      String said, @Nullable LocalDate saidOn, String became, @Nullable LocalDate becameOn) {
    private static final StoredGoal NONE = new StoredGoal("", null, "", null);
  }

  private record KeptGoal(long version, StoredGoal document) {}

  /**
   * A goal in a list.
   *
   * @param about what it is set for
   * @param asks whether that is over, something was wished for, and what became of it is not said
   *     yet
   * @param to the last day, once it is over
   * @param said what was wished for; blank where nothing was said
   */
  record GoalLine(
      Kind kind,
      UUID about,
      String title,
      boolean asks,
      LocalDate from,
      @Nullable LocalDate to,
      String said) {}

  /**
   * A goal beside what was drawn.
   *
   * @param version null where nothing was said yet
   * @param about what it is set for
   * @param over whether that is over, so that it is asked again
   * @param asks whether something was wished for, and what became of it is not said yet
   * @param said what was wished for
   * @param became what became of it, in the learner's words
   * @param meanMark null without a mark
   * @param pictures of what was drawn, from the first to the last
   */
  record GoalView(
      Kind kind,
      UUID about,
      @Nullable Long version,
      boolean over,
      boolean asks,
      String said,
      String became,
      @Nullable LocalDate becameOn,
      int days,
      int minutes,
      int drawings,
      @Nullable Double meanMark,
      List<UUID> pictures) {}

  private Map<GoalEntity.Key, KeptGoal> kept() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .collect(
                    Collectors.toMap(
                        e -> e.key,
                        e ->
                            new KeptGoal(
                                e.version == null ? 0 : e.version,
                                StoredJson.read(e.document, StoredGoal.class)))));
  }

  /** What can be aimed at, and what was drawn for it where that is asked. */
  private record Aimed(
      Kind kind,
      UUID about,
      String title,
      LocalDate from,
      @Nullable LocalDate to,
      String saidThere,
      Supplier<List<Drawn>> drawn) {}

  private List<Aimed> aimed() {
    var today = settings.learner().today();
    var all = new ArrayList<Aimed>();
    for (var c : placements.all()) {
      var p = c.placement();
      var drawn = ledger.read().of(c.id());
      var left = placements.followed().contains(c) ? null : last(drawn, p.start());
      all.add(
          new Aimed(
              Kind.COURSE,
              c.id(),
              p.course().title(),
              p.start(),
              p.end().isBefore(today) ? p.end() : left,
              "",
              () -> drawn));
    }
    for (var q : quotas.all()) {
      boolean over = q.outcome() != Outcome.RUNNING;
      all.add(
          new Aimed(
              Kind.PROMISE,
              q.id(),
              q.terms().title(),
              q.terms().start(),
              over ? Objects.requireNonNullElse(q.endedOn(), q.progress().due()) : null,
              "",
              () -> counted(q.id())));
    }
    for (var b : books.all()) {
      all.add(
          new Aimed(
              Kind.BOOK,
              b.id(),
              b.name(),
              b.from() == null ? today : b.from(),
              b.closed(),
              b.goal(),
              b::drawn));
    }
    return all;
  }

  /** Goals of all courses, promises and books: those to be asked again first, then the newest. */
  @Transactional(readOnly = true)
  List<GoalLine> all() {
    return aimed().stream()
        .map(
            a -> {
              var document = document(a.kind(), a.about());
              var said = said(a, document);
              return new GoalLine(
                  a.kind(), a.about(), a.title(), asks(a, document), a.from(), a.to(), said);
            })
        .sorted(
            Comparator.comparing((GoalLine g) -> !g.asks())
                .thenComparing(Comparator.comparing(GoalLine::from).reversed()))
        .toList();
  }

  /** A course that was left ended with its last drawing. */
  private static LocalDate last(List<Drawn> drawn, LocalDate start) {
    return drawn.stream().map(Drawn::day).max(Comparator.naturalOrder()).orElse(start);
  }

  /** One goal beside what was drawn for it. */
  @Transactional(readOnly = true)
  GoalView read(Kind kind, UUID about) {
    return view(
        aimed().stream()
            .filter(a -> a.kind() == kind && a.about().equals(about))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("goal", about)));
  }

  private List<Drawn> counted(UUID promise) {
    var counted =
        quotas.get(promise).entries().stream()
            .map(QuotaView.CountedEntry::id)
            .collect(Collectors.toCollection(HashSet::new));
    return ledger.read().all().filter(d -> counted.contains(d.entry())).toList();
  }

  private StoredGoal document(Kind kind, UUID about) {
    var goal = kept().get(key(kind, about));
    return goal == null ? StoredGoal.NONE : goal.document();
  }

  private static String said(Aimed about, StoredGoal document) {
    return about.saidThere().isEmpty() ? document.said() : about.saidThere();
  }

  private static boolean asks(Aimed about, StoredGoal document) {
    return about.to() != null && !said(about, document).isBlank() && document.became().isBlank();
  }

  private GoalView view(Aimed a) {
    var goal = kept().get(key(a.kind(), a.about()));
    var document = document(a.kind(), a.about());
    var drawn = a.drawn().get();
    var marks = drawn.stream().mapToInt(Drawn::mark).filter(m -> m > 0).average();
    return new GoalView(
        a.kind(),
        a.about(),
        goal == null ? null : goal.version(),
        a.to() != null,
        asks(a, document),
        said(a, document),
        document.became(),
        document.becameOn(),
        (int) drawn.stream().map(Drawn::day).distinct().count(),
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        marks.isPresent() ? marks.getAsDouble() : null,
        a.to() == null ? List.of() : seen(drawn));
  }

  private List<UUID> seen(List<Drawn> drawn) {
    var byEntry = pictures.shown(drawn.stream().map(Drawn::entry).collect(Collectors.toSet()));
    var all =
        drawn.stream()
            .map(d -> byEntry.get(d.entry()))
            .filter(Objects::nonNull)
            .distinct()
            .toList();
    int shown = Math.min(SHOWN, all.size());
    return IntStream.range(0, shown)
        .mapToObj(i -> all.get(shown == 1 ? 0 : i * (all.size() - 1) / (shown - 1)))
        .toList();
  }

  private static GoalEntity.Key key(Kind kind, UUID about) {
    return new GoalEntity.Key(StoredJson.word(kind), about);
  }

  /** Keeps what was wished for, and what became of it. */
  @Transactional
  public void keep(Kind kind, UUID about, @Nullable Long version, String said, String became) {
    var now = kept().get(key(kind, about));
    if (!Objects.equals(version, now == null ? null : now.version())) {
      throw Refusal.stale("goal", read(kind, about));
    }
    read(kind, about);
    var today = settings.learner().today();
    var before = now == null ? StoredGoal.NONE : now.document();
    var entity = repository.findById(key(kind, about)).orElseGet(GoalEntity::new);
    entity.key = key(kind, about);
    entity.document =
        StoredJson.write(
            new StoredGoal(
                said.strip(),
                said.isBlank() ? null : before.saidOn() == null ? today : before.saidOn(),
                became.strip(),
                became.isBlank()
                    ? null
                    : before.became().equals(became.strip()) ? before.becameOn() : today));
    repository.saveAndFlush(entity);
  }
}
