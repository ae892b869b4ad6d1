package humblequill.server.bench;

import humblequill.core.bench.AimResult;
import humblequill.core.bench.Case;
import humblequill.core.bench.Practice;
import humblequill.core.bench.Quantity;
import humblequill.core.bench.Sides;
import humblequill.core.bench.Tendency;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PoseLength;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.stats.MeanInterval;
import humblequill.server.book.EntryPictures;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Habits over many comparisons, and those that were taken as an aim. */
@Service
public class Tendencies {
  private static final double WITHIN = 0.95;

  private final Comparisons comparisons;
  private final AimRepository repository;
  private final SaidHabits said;
  private final EntryPictures pictures;
  private final BenchTemplates kinds;
  private final SettingsService settings;
  private final Clock clock;
  private final Remembered<List<KeptAim>> stored;

  Tendencies(
      Comparisons comparisons,
      SaidHabits said,
      EntryPictures pictures,
      BenchTemplates kinds,
      AimRepository repository,
      SettingsService settings,
      Clock clock,
      Memory memory) {
    this.comparisons = comparisons;
    this.said = said;
    this.pictures = pictures;
    this.kinds = kinds;
    this.repository = repository;
    this.settings = settings;
    this.clock = clock;
    this.stored = memory.remember("tendencies taken as an aim", AimEntity.class);
  }

  private record KeptAim(
      UUID id,
      String template,
      Quantity quantity,
      LocalDate takenOn,
      @Nullable LocalDate endedOn) {}

  /**
   * Habits by template.
   *
   * @param missing how many more comparisons are needed before anything is said
   * @param byChance how many of the quantities looked at would be named by chance alone
   */
  record TemplateTendencies(
      String template,
      int comparisons,
      int missing,
      double byChance,
      List<TendencyView> tendencies) {}

  /**
   * A habit.
   *
   * @param mean ln of a ratio, degrees, or a share less 1, by what is measured
   * @param p chance by Student's t
   * @param adjusted corrected for how many were looked at
   * @param before the mean before the day that was asked about; null without one
   * @param told how many of {@code signed} are known from words alone
   * @param aim the aim it was taken as; null if it is none
   * @param practice what of the cabinet practises it; null where it shows none of it
   */
  record TendencyView(
      Quantity.Kind kind,
      String part,
      double mean,
      @Nullable Double low,
      @Nullable Double high,
      int of,
      int same,
      int signed,
      int told,
      double p,
      double sign,
      double adjusted,
      Tendency.Standing standing,
      @Nullable Double before,
      @Nullable Double after,
      @Nullable AimView aim,
      @Nullable Practice practice) {}

  /**
   * A habit taken as an aim.
   *
   * @param since comparisons from that day on
   * @param left how many more are needed before it can be judged
   * @param result what became of it; null before that
   */
  public record AimView(
      UUID id,
      String template,
      Quantity.Kind kind,
      String part,
      double mean,
      LocalDate takenOn,
      boolean ended,
      int since,
      int left,
      @Nullable AimResult result) {}

  /**
   * Habits by template, and what they can be asked by.
   *
   * @param sources of the drawings that were compared
   * @param media of these
   * @param lengths of these
   * @param facets of these
   */
  record HabitsView(
      List<TemplateTendencies> templates,
      List<String> sources,
      List<String> media,
      List<PoseLength> lengths,
      List<String> facets) {}

  /** Habits; those of a day parted into before and after. */
  @Transactional(readOnly = true)
  public HabitsView read(@Nullable LocalDate day, HabitFilter filter) {
    var drawn = pictures.byPicture();
    var compared =
        comparisons.feeding().stream()
            .map(c -> drawnAs(c, drawn))
            .filter(Objects::nonNull)
            .toList();
    return new HabitsView(
        templates(day, filter),
        told(compared, d -> d.source().stream()),
        told(compared, d -> d.medium().stream()),
        told(compared, d -> PoseLength.of(d).stream()),
        told(compared, d -> d.learned().study().facets().stream()));
  }

  private static <T> List<T> told(List<Drawn> drawn, Function<Drawn, Stream<T>> what) {
    return drawn.stream().flatMap(what).distinct().sorted().toList();
  }

  private static @Nullable Drawn drawnAs(
      Comparisons.KeptComparison kept, Map<UUID, Drawn> byPicture) {
    var attempt = kept.fields().attempt();
    return attempt == null ? null : byPicture.get(attempt);
  }

  private List<TemplateTendencies> templates(@Nullable LocalDate day, HabitFilter filter) {
    var all = new ArrayList<TemplateTendencies>();
    var told = said.cases().stream().map(SaidHabits.SaidCase::said).toList();
    cases(filter)
        .forEach(
            (template, cases) -> {
              var found = Tendency.of(cases, filter.isAll() ? told : List.of());
              var parted = day == null ? null : Tendency.parted(cases, day);
              all.add(
                  new TemplateTendencies(
                      template,
                      cases.size(),
                      Math.max(0, Tendency.LEAST - cases.size()),
                      Tendency.byChance(found),
                      found.stream().map(t -> view(template, t, cases, parted)).toList()));
            });
    return all;
  }

  private Map<String, List<Case>> cases() {
    return cases(HabitFilter.ALL);
  }

  /** First unaided attempts of each reference, by template. */
  private Map<String, List<Case>> cases(HabitFilter filter) {
    var cases = new LinkedHashMap<String, List<Case>>();
    Map<UUID, Drawn> drawn = filter.isAll() ? Map.of() : pictures.byPicture();
    for (var kept : comparisons.feeding()) {
      if (!filter.holds(drawnAs(kept, drawn))) {
        continue;
      }
      var held = comparisons.held(kept);
      held.compared()
          .filter(c -> c.sides().verdict() == Sides.Verdict.TRUE)
          .ifPresent(
              c ->
                  cases
                      .computeIfAbsent(held.template().name(), t -> new ArrayList<>())
                      .add(
                          Case.of(
                              kept.day(),
                              held.template(),
                              c,
                              Set.copyOf(kept.fields().refused()))));
    }
    return cases;
  }

  private TendencyView view(
      String template, Tendency t, List<Case> cases, @Nullable Map<Boolean, List<Case>> parted) {
    var mean = t.mean();
    return new TendencyView(
        t.quantity().kind(),
        t.quantity().of(),
        mean.mean(),
        finite(mean.low()),
        finite(mean.high()),
        mean.of(),
        t.same(),
        t.signed(),
        t.told(),
        mean.p(),
        t.sign(),
        t.adjusted(),
        t.standing(),
        parted == null ? null : mean(t.quantity(), parted.get(true)),
        parted == null ? null : mean(t.quantity(), parted.get(false)),
        aims().stream()
            .filter(a -> a.template().equals(template) && a.quantity().equals(t.quantity()))
            .findFirst()
            .map(a -> view(a, cases))
            .orElse(null),
        kinds.find(template).flatMap(k -> Practice.of(k.cabinet(), t.quantity())).orElse(null));
  }

  private static @Nullable Double finite(double value) {
    return Double.isFinite(value) ? value : null;
  }

  private static @Nullable Double mean(Quantity quantity, @Nullable List<Case> cases) {
    var values = cases == null ? List.<Double>of() : Tendency.valuesOf(quantity, cases);
    return values.isEmpty() ? null : MeanInterval.of(values, WITHIN).mean();
  }

  private List<KeptAim> aims() {
    return stored.get(
        () ->
            repository.findAllByOrderByTakenOnDescIdAsc().stream()
                .map(
                    e ->
                        new KeptAim(
                            e.id,
                            e.template,
                            new Quantity(StoredJson.kind(Quantity.Kind.class, e.quantity), e.part),
                            e.takenOn,
                            e.endedOn))
                .toList());
  }

  private static AimView view(KeptAim aim, List<Case> cases) {
    var parted = Tendency.parted(cases, aim.takenOn());
    var before = Tendency.valuesOf(aim.quantity(), parted.get(true));
    var since = Tendency.valuesOf(aim.quantity(), parted.get(false));
    return new AimView(
        aim.id(),
        aim.template(),
        aim.quantity().kind(),
        aim.quantity().of(),
        before.isEmpty() ? 0 : MeanInterval.of(before, WITHIN).mean(),
        aim.takenOn(),
        aim.endedOn() != null,
        since.size(),
        Math.max(0, AimResult.AFTER - since.size()),
        AimResult.of(before, since).orElse(null));
  }

  /**
   * A habit that came to hold, or holds no more.
   *
   * @param came whether it holds now
   */
  public record HabitChange(
      String template, Quantity.Kind kind, String part, double mean, boolean came) {}

  /** Habits whose standing is another at the end of some days than it was before them. */
  @Transactional(readOnly = true)
  public List<HabitChange> changed(LocalDate from, LocalDate until) {
    var changes = new ArrayList<HabitChange>();
    cases()
        .forEach(
            (template, cases) -> {
              var before = holding(cases, from);
              var after = holding(cases, until);
              after.forEach(
                  (q, mean) -> {
                    if (!before.containsKey(q)) {
                      changes.add(new HabitChange(template, q.kind(), q.of(), mean, true));
                    }
                  });
              before.forEach(
                  (q, mean) -> {
                    if (!after.containsKey(q)) {
                      changes.add(new HabitChange(template, q.kind(), q.of(), mean, false));
                    }
                  });
            });
    return changes;
  }

  /** Habits that hold by the comparisons before a day. */
  private static Map<Quantity, Double> holding(List<Case> cases, LocalDate before) {
    var holding = new LinkedHashMap<Quantity, Double>();
    Tendency.of(cases.stream().filter(c -> c.day().isBefore(before)).toList(), List.of()).stream()
        .filter(t -> t.standing() == Tendency.Standing.HOLDS)
        .forEach(t -> holding.put(t.quantity(), t.mean().mean()));
    return holding;
  }

  /** Aims that run, the newest first. */
  @Transactional(readOnly = true)
  public List<AimView> running() {
    var running = aims().stream().filter(a -> a.endedOn() == null).toList();
    if (running.isEmpty()) {
      return List.of();
    }
    var cases = cases();
    return running.stream().map(a -> view(a, cases.getOrDefault(a.template(), List.of()))).toList();
  }

  /**
   * Takes a habit as the aim of the next comparisons.
   *
   * @param day from when on; null for today
   */
  @Transactional
  public void take(UUID id, String template, Quantity quantity, @Nullable LocalDate day) {
    if (repository.existsById(id)) {
      return;
    }
    boolean known =
        Tendency.of(cases().getOrDefault(template, List.of())).stream()
            .anyMatch(t -> t.quantity().equals(quantity));
    if (!known) {
      throw Refusal.badValue("part", quantity.of(), Message.of("bench.nothingKnown"));
    }
    var entity = new AimEntity();
    entity.id = id;
    entity.template = template;
    entity.quantity = StoredJson.word(quantity.kind());
    entity.part = quantity.of();
    entity.takenOn = day == null ? settings.learner().clock().practiceDay(clock.instant()) : day;
    repository.saveAndFlush(entity);
  }

  /** Lets an aim go; what became of it stays. */
  @Transactional
  void end(UUID id) {
    repository
        .findById(id)
        .ifPresent(
            e -> {
              e.endedOn = settings.learner().clock().practiceDay(clock.instant());
              repository.saveAndFlush(e);
            });
  }
}
