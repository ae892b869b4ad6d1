package humblequill.server.whatfor;

import humblequill.core.entry.Drawn;
import humblequill.core.quota.Outcome;
import humblequill.server.book.BookGoals;
import humblequill.server.book.EntryPictures;
import humblequill.server.data.Memory;
import humblequill.server.data.Remembered;
import humblequill.server.data.StoredJson;
import humblequill.server.edge.Refusal;
import humblequill.server.entry.EntryLedger;
import humblequill.server.placement.PlacementService;
import humblequill.server.quota.QuotaService;
import humblequill.server.quota.QuotaView;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
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
    this.stored = memory.remember("goals of courses, promises and books");
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
   * A goal beside what was drawn.
   *
   * @param version null where nothing was said yet
   * @param about what it is set for
   * @param over whether that is over, so that it is asked again
   * @param to the last day, once it is over
   * @param said what was wished for
   * @param became what became of it, in the learner's words
   * @param meanMark null without a mark
   * @param pictures of what was drawn, from the first to the last
   */
  record GoalView(
      Kind kind,
      UUID about,
      @Nullable Long version,
      String title,
      boolean over,
      LocalDate from,
      @Nullable LocalDate to,
      String said,
      String became,
      @Nullable LocalDate becameOn,
      int days,
      int minutes,
      int drawings,
      @Nullable Double meanMark,
      List<UUID> pictures) {
    boolean asks() {
      return over && !said.isBlank() && became.isBlank();
    }
  }

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

  /** Goals of all courses, promises and books: those to be asked again first, then the newest. */
  @Transactional(readOnly = true)
  List<GoalView> all() {
    var today = settings.learner().today();
    var all = new ArrayList<GoalView>();
    for (var c : placements.all()) {
      var p = c.placement();
      boolean over = p.end().isBefore(today) || !placements.followed().contains(c);
      all.add(
          view(
              Kind.COURSE,
              c.id(),
              p.course().title(),
              p.start(),
              over ? p.end() : null,
              "",
              ledger.read().of(c.id())));
    }
    for (var q : quotas.all()) {
      boolean over = q.outcome() != Outcome.RUNNING;
      all.add(
          view(
              Kind.PROMISE,
              q.id(),
              q.terms().title(),
              q.terms().start(),
              over ? q.progress().due() : null,
              "",
              List.of()));
    }
    for (var b : books.all()) {
      all.add(
          view(
              Kind.BOOK,
              b.id(),
              b.name(),
              b.from() == null ? today : b.from(),
              b.closed(),
              b.goal(),
              b.drawn()));
    }
    return all.stream()
        .sorted(
            Comparator.comparing((GoalView g) -> !g.asks())
                .thenComparing(Comparator.comparing(GoalView::from).reversed()))
        .toList();
  }

  /** One goal, with what was drawn for a promise too. */
  @Transactional(readOnly = true)
  GoalView read(Kind kind, UUID about) {
    var goal =
        all().stream()
            .filter(g -> g.kind() == kind && g.about().equals(about))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("goal", about));
    if (kind != Kind.PROMISE) {
      return goal;
    }
    var counted =
        quotas.get(about).entries().stream()
            .map(QuotaView.CountedEntry::id)
            .collect(Collectors.toCollection(HashSet::new));
    var drawn = ledger.read().all().filter(d -> counted.contains(d.entry())).toList();
    return view(kind, about, goal.title(), goal.from(), goal.to(), "", drawn);
  }

  private GoalView view(
      Kind kind,
      UUID about,
      String title,
      LocalDate from,
      @Nullable LocalDate to,
      String elsewhere,
      List<Drawn> drawn) {
    var goal = kept().get(key(kind, about));
    var document = goal == null ? StoredGoal.NONE : goal.document();
    var marks = drawn.stream().mapToInt(Drawn::mark).filter(m -> m > 0).average();
    return new GoalView(
        kind,
        about,
        goal == null ? null : goal.version(),
        title,
        to != null,
        from,
        to,
        elsewhere.isEmpty() ? document.said() : elsewhere,
        document.became(),
        document.becameOn(),
        (int) drawn.stream().map(Drawn::day).distinct().count(),
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        marks.isPresent() ? marks.getAsDouble() : null,
        to == null ? List.of() : seen(drawn));
  }

  private List<UUID> seen(List<Drawn> drawn) {
    var byEntry = pictures.of(drawn.stream().map(Drawn::entry).collect(Collectors.toSet()));
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
    stored.changed();
  }
}
