package humblequill.server.bench;

import humblequill.core.bench.Attempt;
import humblequill.core.bench.Compared;
import humblequill.core.bench.Series;
import humblequill.core.bench.Template;
import humblequill.core.bench.Tolerances;
import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.Message;
import humblequill.server.bench.ComparisonFields.LandmarkPlace;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps comparisons and holds attempts beside their references. */
@Service
public class Comparisons {
  private final ComparisonRepository repository;
  private final BenchTemplates templates;
  private final References references;
  private final SettingsService settings;
  private final Clock clock;
  private final Remembered<List<KeptComparison>> stored;

  Comparisons(
      ComparisonRepository repository,
      BenchTemplates templates,
      References references,
      SettingsService settings,
      Clock clock,
      Memory memory) {
    this.repository = repository;
    this.templates = templates;
    this.references = references;
    this.settings = settings;
    this.clock = clock;
    this.stored = memory.remember("comparisons of the bench", ComparisonEntity.class);
  }

  /**
   * A comparison as it is kept.
   *
   * @param referenceLook how the reference was seen when landmarks were placed on it; null where
   *     its picture was not there
   * @param attemptLook the same of the attempt
   */
  public record KeptComparison(
      UUID id,
      long version,
      LocalDate day,
      Instant madeAt,
      ComparisonFields fields,
      @Nullable PictureLook referenceLook,
      @Nullable PictureLook attemptLook) {
    /** Whether it is an attempt of the same reference. */
    boolean sameReference(KeptComparison other) {
      return fields.reference().equals(other.fields.reference());
    }
  }

  /** A comparison with what comes out of it; empty while too little is told. */
  record HeldComparison(
      KeptComparison kept, Template template, Attempt attempt, Optional<Compared> compared) {}

  /** All that were not taken out, the first one first. */
  @Transactional(readOnly = true)
  public List<KeptComparison> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .filter(e -> !e.removed)
                .sorted(
                    Comparator.comparing((ComparisonEntity e) -> e.madeAt).thenComparing(e -> e.id))
                .map(Comparisons::kept)
                .toList());
  }

  private static KeptComparison kept(ComparisonEntity e) {
    var document = StoredJson.read(e.document, StoredComparison.class);
    return new KeptComparison(
        e.id,
        e.version == null ? 0 : e.version,
        e.practiceDay,
        e.madeAt,
        document.fields(),
        document.referenceLook(),
        document.attemptLook());
  }

  KeptComparison need(UUID id) {
    return all().stream()
        .filter(c -> c.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("comparison", id));
  }

  /**
   * Holds an attempt beside its reference. Pictures count as they were when landmarks were placed,
   * so that one that is gone or turned since changes nothing.
   */
  HeldComparison held(KeptComparison kept) {
    var fields = kept.fields();
    var places = references.places(fields.reference(), fields.truth());
    var template = template(fields, places);
    var attempt =
        new Attempt(
            spots(places, ratio(kept.referenceLook()), Set.of()),
            spots(fields.drawn(), ratio(kept.attemptLook()), Set.copyOf(fields.hidden())),
            Set.copyOf(fields.invented()),
            plumb(kept),
            fields.pushed());
    try {
      return new HeldComparison(
          kept, template, attempt, Optional.of(Compared.of(template, attempt, Tolerances.USUAL)));
    } catch (IllegalArgumentException e) {
      // Too little is told yet.
      return new HeldComparison(kept, template, attempt, Optional.empty());
    }
  }

  /** The template that was chosen; points alone where it is gone or knows none of the landmarks. */
  private Template template(ComparisonFields fields, List<LandmarkPlace> places) {
    var known = places.stream().map(LandmarkPlace::name).toList();
    boolean byHand = fields.reference().from() != ComparisonFields.From.CABINET;
    return templates
        .find(fields.template())
        .map(BenchTemplates.KeptTemplate::template)
        .filter(t -> byHand || t.landmarks().stream().anyMatch(l -> known.contains(l.name())))
        .orElseGet(() -> BenchTemplates.free(known));
  }

  private static double ratio(@Nullable PictureLook look) {
    return look == null ? 1 : look.ratio();
  }

  /** Whether it is known on both pictures what is upright. */
  static boolean plumb(KeptComparison kept) {
    var told = kept.fields().plumb();
    return told == null ? straight(kept.referenceLook()) && straight(kept.attemptLook()) : told;
  }

  private static boolean straight(@Nullable PictureLook look) {
    return look != null && look.straight();
  }

  /** In units of the picture's width, so that across and down are the same. */
  static Map<String, Spot> spots(List<LandmarkPlace> places, double ratio, Set<String> without) {
    var spots = new HashMap<String, Spot>();
    places.stream()
        .filter(p -> !without.contains(p.name()))
        .forEach(p -> spots.put(p.name(), new Spot(p.x(), p.y() / ratio)));
    return spots;
  }

  /**
   * Keeps a comparison; a new one under an id that the client made.
   *
   * @param fit whether the landmarks were looked at and fit the pictures as they are now
   */
  @Transactional
  public KeptComparison keep(
      UUID id,
      @Nullable Long version,
      @Nullable LocalDate day,
      ComparisonFields fields,
      boolean fit) {
    References.check(fields.reference());
    twice(fields.truth());
    twice(fields.drawn());
    var found = repository.findById(id);
    if (found.isPresent() && !sameVersion(found.get(), version)) {
      throw Refusal.stale("comparison", kept(found.get()).fields());
    }
    var entity = found.orElseGet(ComparisonEntity::new);
    if (found.isEmpty()) {
      entity.id = id;
      entity.madeAt = clock.instant();
      entity.practiceDay =
          day == null ? settings.learner().clock().practiceDay(clock.instant()) : day;
    }
    var before = found.map(Comparisons::kept).orElse(null);
    boolean newTruth = fit || before == null || before.fields().truth().isEmpty();
    boolean newDrawn =
        fit
            || before == null
            || before.fields().drawn().isEmpty()
            || !Objects.equals(before.fields().attempt(), fields.attempt());
    var reference = references.look(fields.reference());
    var attempt = references.look(fields.attempt());
    entity.document =
        StoredJson.write(
            StoredComparison.of(
                fields,
                newTruth && reference != null || before == null
                    ? reference
                    : before.referenceLook(),
                newDrawn && attempt != null || before == null ? attempt : before.attemptLook()));
    repository.saveAndFlush(entity);
    return kept(entity);
  }

  private static boolean sameVersion(ComparisonEntity entity, @Nullable Long version) {
    return version != null && version.equals(entity.version);
  }

  private static void twice(List<LandmarkPlace> places) {
    var names = new java.util.HashSet<String>();
    for (var place : places) {
      if (!names.add(place.name())) {
        throw Refusal.badValue(
            "landmarks", place.name(), Message.of("bench.placedTwice", "place", place.name()));
      }
    }
  }

  @Transactional
  void remove(UUID id, boolean removed) {
    repository
        .findById(id)
        .ifPresent(
            e -> {
              e.removed = removed;
              repository.saveAndFlush(e);
            });
  }

  /** What habits are read off. */
  List<KeptComparison> feeding() {
    return Series.feeding(all(), c -> c.fields().reference(), Comparisons::counts);
  }

  private static boolean counts(KeptComparison c) {
    return c.fields().way().unaided() && !c.fields().pushed() && !c.fields().drawn().isEmpty();
  }
}
