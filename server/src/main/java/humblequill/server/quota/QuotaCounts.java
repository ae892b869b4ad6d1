package humblequill.server.quota;

import humblequill.core.entry.PageSpan;
import humblequill.core.quota.Counting;
import humblequill.core.quota.PaceEstimate;
import humblequill.core.quota.Progress;
import humblequill.core.quota.Quota;
import humblequill.core.quota.Run;
import humblequill.core.quota.Tracker;
import humblequill.server.course.CourseService;
import humblequill.server.data.Remembered;
import humblequill.server.entry.EntriesChanged;
import humblequill.server.entry.EntryService;
import humblequill.server.entry.EntryView;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * All quotas with what counted towards each, held in memory until an entry or a quota changes:
 * every page that plans a day looks at them.
 */
@Component
class QuotaCounts {
  static final JsonMapper JSON = JsonMapper.builder().build();

  private final QuotaRepository quotas;
  private final PromptRepository prompts;
  private final EntryService entries;
  private final CourseService courses;
  private final Remembered<List<Counted>> counted = new Remembered<>();

  QuotaCounts(
      QuotaRepository quotas,
      PromptRepository prompts,
      EntryService entries,
      CourseService courses) {
    this.quotas = quotas;
    this.prompts = prompts;
    this.entries = entries;
    this.courses = courses;
  }

  /**
   * A quota with what counted.
   *
   * @param matching entries that match, whatever they bring, from its start to its end
   * @param parts the same as parts of its run
   * @param byDay units by practice day
   * @param nextPage page after the last one filled; null where pages are not counted
   * @param nextPrompt first picked prompt that is not drawn yet; null without one
   */
  record Counted(
      UUID id,
      long version,
      QuotaTerms terms,
      Quota quota,
      @Nullable UUID againOf,
      @Nullable LocalDate endedOn,
      String learned,
      List<UUID> best,
      List<EntryView> matching,
      List<Run.Part> parts,
      Map<LocalDate, Integer> byDay,
      @Nullable Integer nextPage,
      @Nullable NextPrompt nextPrompt) {
    /** How it stands on a day, or stood when it ended. */
    Progress progress(Learner learner) {
      var today =
          endedOn == null || !endedOn.isBefore(learner.today())
              ? learner.today()
              : endedOn.plusDays(1);
      return Tracker.progress(quota, byDay, QuotaRooms.hasMinutes(learner), today);
    }

    /** Whether a date is a drawing day of it. */
    Predicate<LocalDate> drawingDay(Learner learner) {
      var minutes = QuotaRooms.hasMinutes(learner);
      return date -> minutes.test(date) && !quota.rest().contains(date.getDayOfWeek());
    }

    /** Units of each drawing day from its start to a date, zeros included. */
    List<Integer> daysBefore(LocalDate date, Learner learner) {
      return quota
          .promise()
          .start()
          .datesUntil(date.isBefore(quota.promise().start()) ? quota.promise().start() : date)
          .filter(d -> drawingDay(learner).test(d) || byDay.containsKey(d))
          .map(d -> byDay.getOrDefault(d, 0))
          .toList();
    }

    /** How long one unit takes: by its own entries, with what was expected. */
    PaceEstimate pace() {
      if (terms.unit() == Counting.Unit.MINUTES) {
        return new PaceEstimate(60, 0, 0);
      }
      return PaceEstimate.of(
          parts.stream()
              .filter(p -> p.units() > 0 && p.minutes() > 0)
              .map(p -> Math.round(p.minutes() * 60f / p.units()))
              .toList(),
          terms.secondsEach());
    }

    /** Whether it counts week by week. */
    boolean weekly() {
      return terms.kind() == QuotaTerms.Kind.RAMP || terms.kind() == QuotaTerms.Kind.STANDING;
    }

    /** Whether it still asks for something. */
    boolean runs(Progress progress) {
      return endedOn == null && !progress.over() && (weekly() || !progress.reached());
    }
  }

  /** A prompt that waits to be drawn. */
  record NextPrompt(UUID id, String words) {}

  private static int lastPage(EntryView e) {
    int first = Objects.requireNonNullElse(e.pageFrom(), 0);
    return Objects.requireNonNullElse(e.pageTo(), first);
  }

  /** An entry in the words of counting. */
  private static Counting.Drawn drawn(EntryView e, Set<String> topics) {
    return new Counting.Drawn(
        e.day(),
        topics,
        Optional.ofNullable(e.exerciseId()),
        Optional.ofNullable(e.medium()),
        Optional.ofNullable(e.source()),
        Optional.ofNullable(e.book()),
        e.drawings() == null ? 0 : e.drawings(),
        e.minutesOrEstimate(),
        e.pageFrom() == null ? 0 : lastPage(e) - e.pageFrom() + 1);
  }

  /** Seconds a unit of all own entries that such a quota would count. */
  List<Integer> ownSeconds(Quota quota, LocalDate from) {
    var drawn = entries.since(from);
    var topics = topics(drawn);
    return drawn.stream()
        .map(e -> drawn(e, topicsOf(e, topics)))
        .filter(d -> quota.counting().unitsIn(d) > 0 && d.minutes() > 0)
        .map(d -> Math.round(d.minutes() * 60f / quota.counting().unitsIn(d)))
        .toList();
  }

  /** All quotas, in the order they were made. */
  List<Counted> all() {
    return counted.get(this::read);
  }

  private List<Counted> read() {
    var stored = quotas.findAllByOrderByMadeAtAscIdAsc();
    if (stored.isEmpty()) {
      return List.of();
    }
    var first = stored.stream().map(q -> q.startDay).min(LocalDate::compareTo).orElseThrow();
    var drawn = entries.since(first);
    var topics = topics(drawn);
    var done = new HashMap<UUID, Map<LocalDate, Integer>>();
    for (var prompt : prompts.findByDoneOnIsNotNull()) {
      if (prompt.doneOn != null) {
        done.computeIfAbsent(prompt.quotaId, q -> new TreeMap<>())
            .merge(prompt.doneOn, 1, Integer::sum);
      }
    }
    return stored.stream()
        .map(q -> counted(q, drawn, topics, done.getOrDefault(q.id, Map.of())))
        .toList();
  }

  private Counted counted(
      QuotaEntity q,
      List<EntryView> drawn,
      Map<String, Set<String>> topics,
      Map<LocalDate, Integer> prompted) {
    var terms = JSON.readValue(q.document, QuotaTerms.class);
    var quota = terms.toCore();
    var matching = new ArrayList<EntryView>();
    var parts = new ArrayList<Run.Part>();
    var byDay = new TreeMap<>(prompted);
    for (var e : drawn) {
      boolean outside =
          e.day().isBefore(q.startDay) || q.endedOn != null && e.day().isAfter(q.endedOn);
      var words = drawn(e, topicsOf(e, topics));
      if (!outside && quota.counting().matches(words)) {
        int units = quota.counting().unitsIn(words);
        matching.add(e);
        parts.add(new Run.Part(e.day(), units, words.minutes(), e.mark() == null ? 0 : e.mark()));
        byDay.merge(e.day(), units, Integer::sum);
      }
    }
    byDay.values().removeIf(n -> n == 0);
    return new Counted(
        q.id,
        q.version == null ? 0 : q.version,
        terms,
        quota,
        q.againOf,
        q.endedOn,
        q.learned,
        q.best.isBlank()
            ? List.of()
            : java.util.Arrays.stream(q.best.split(" ")).map(UUID::fromString).toList(),
        matching,
        parts,
        byDay,
        nextPage(quota.counting(), matching),
        nextPrompt(q.id, terms));
  }

  private @Nullable Integer nextPage(Counting counting, List<EntryView> matching) {
    if (counting.unit() != Counting.Unit.PAGES) {
      return null;
    }
    int last =
        counting
            .book()
            .map(entries::lastPage)
            .orElseGet(() -> matching.stream().mapToInt(QuotaCounts::lastPage).max().orElse(0));
    return PageSpan.after(last);
  }

  private @Nullable NextPrompt nextPrompt(UUID quota, QuotaTerms terms) {
    if (terms.kind() != QuotaTerms.Kind.PROMPT_LIST) {
      return null;
    }
    return prompts
        .findFirstByQuotaIdAndChosenTrueAndDoneOnIsNullOrderByPositionAsc(quota)
        .map(p -> new NextPrompt(p.id, p.words))
        .orElse(null);
  }

  private static Set<String> topicsOf(EntryView e, Map<String, Set<String>> topics) {
    if (e.topic() != null) {
      return Set.of(e.topic());
    }
    return e.exerciseId() == null ? Set.of() : topics.getOrDefault(e.exerciseId(), Set.of());
  }

  private Map<String, Set<String>> topics(List<EntryView> drawn) {
    var placed = courses.all();
    var topics = new HashMap<String, Set<String>>();
    for (var e : drawn) {
      if (e.exerciseId() != null) {
        topics.computeIfAbsent(
            e.exerciseId(),
            id -> {
              var all = new HashSet<String>();
              placed.forEach(p -> all.addAll(p.placement().topicsOf(id)));
              return all;
            });
      }
    }
    return topics;
  }

  /** Tells that the running transaction changes a quota. */
  void changed() {
    counted.changed();
  }

  @EventListener
  void entriesChanged(EntriesChanged event) {
    counted.changed();
  }
}
