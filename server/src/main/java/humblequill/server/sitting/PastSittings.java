package humblequill.server.sitting;

import humblequill.core.sitting.Drill;
import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.PastSitting;
import humblequill.core.sitting.SittingRow;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.Timed;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sittings that are over and in which something was drawn. */
@Service
public class PastSittings {
  private static final int MINUTE = 60_000;
  private static final int SECONDS = 60;
  private static final int BREAK = 10;

  private final SittingRepository repository;
  private final WarmUpSittings warmUps;
  private final SettingsService settings;
  private final NameService names;
  private final Remembered<List<Begun>> stored;

  PastSittings(
      SittingRepository repository,
      WarmUpSittings warmUps,
      SettingsService settings,
      NameService names,
      Memory memory) {
    this.names = names;
    this.repository = repository;
    this.warmUps = warmUps;
    this.settings = settings;
    this.stored = memory.remember("sittings as they went", SittingEntity.class);
  }

  /**
   * A sitting that is over.
   *
   * @param entry what it wrote
   * @param sitting without a mark; that stands with the entry
   */
  public record Past(UUID entry, PastSitting sitting) {}

  /** A sitting whose time of day depends on where the learner's clock stands. */
  private record Begun(Instant at, Past past) {}

  /** All of them in order of time. */
  @Transactional(readOnly = true)
  public List<Past> all() {
    var zone = settings.learner().clock().zone();
    return stored.get(this::read).stream()
        .map(
            b ->
                new Past(
                    b.past().entry(), b.past().sitting().at(LocalTime.ofInstant(b.at(), zone))))
        .toList();
  }

  /**
   * Writes down a sitting that was.
   *
   * @param entry what it wrote
   * @param topic what was drawn
   * @param halves minutes before a break, and after it; the second 0 without a break
   */
  @Transactional
  public void remember(UUID entry, PastSitting was, List<Integer> halves, String topic) {
    var steps = new ArrayList<Step>();
    steps.add(new Step(Step.Kind.POSE, halves.get(0) * SECONDS, 0, ""));
    if (halves.get(1) > 0) {
      steps.add(new Step(Step.Kind.BREAK, BREAK * SECONDS, -1, ""));
      steps.add(new Step(Step.Kind.POSE, halves.get(1) * SECONDS, 1, ""));
    }
    var ladder = new Ladder(steps);
    var entity = new SittingEntity();
    entity.id = entry;
    entity.entryId = entry;
    entity.practiceDay = was.day();
    entity.startedAt =
        was.day().atTime(was.time()).atZone(settings.learner().clock().zone()).toInstant();
    entity.endedAt = entity.startedAt.plusSeconds(ladder.seconds());
    entity.write(StoredSitting.of(begun(entry, was, topic), names));
    entity.write(ladder);
    entity.energyAfter = boxed(was.felt().energyAfter());
    entity.howItWas = boxed(was.felt().was());
    repository.saveAndFlush(entity);
  }

  private static BegunSitting begun(UUID id, PastSitting was, String topic) {
    return new BegunSitting(
        id,
        new SittingPlan(
            SittingPlan.Kind.OWN,
            null,
            null,
            List.of(new SittingPlan.PoseRow(1, was.minutes() * SECONDS)),
            null),
        topic,
        null,
        topic,
        true,
        false,
        "",
        boxed(was.felt().energyBefore()),
        boxed(was.felt().dread()),
        was.cue().orElse(""),
        was.where().orElse(null),
        false,
        Drill.NONE,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        BegunSitting.References.NONE,
        null,
        null,
        null,
        null,
        0);
  }

  private static @Nullable Integer boxed(OptionalInt n) {
    return n.isPresent() ? n.getAsInt() : null;
  }

  private List<Begun> read() {
    var over =
        repository.findAll().stream()
            .filter(s -> s.endedAt != null && s.entryId != null)
            .sorted(Comparator.comparing((SittingEntity s) -> s.startedAt))
            .toList();
    var warm = over.stream().map(s -> warmUps.holds(s.begun(), s.practiceDay)).toList();
    var spans = new ArrayList<SittingRow.Span>();
    for (int i = 0; i < over.size(); i++) {
      var s = over.get(i);
      spans.add(new SittingRow.Span(s.startedAt, Objects.requireNonNull(s.endedAt), warm.get(i)));
    }
    var rows = SittingRow.of(spans);
    var past = new ArrayList<Begun>();
    for (int i = 0; i < over.size(); i++) {
      past.add(new Begun(over.get(i).startedAt, past(over.get(i), rows.get(i), warm.get(i))));
    }
    return List.copyOf(past);
  }

  private Past past(SittingEntity s, SittingRow row, boolean warmUp) {
    var begun = s.begun();
    var timed = Timed.at(s.ladder(), s.startedAt, s.events(), Objects.requireNonNull(s.endedAt));
    return new Past(
        Objects.requireNonNull(s.entryId),
        new PastSitting(
            s.practiceDay,
            LocalTime.MIDNIGHT,
            Math.round((float) timed.workMillis() / MINUTE),
            Duration.ofMillis(timed.unbrokenMillis()),
            row.place(),
            row.warmedUp(),
            warmUp,
            OptionalInt.empty(),
            new PastSitting.Felt(
                number(begun.energy()),
                number(s.energyAfter),
                number(begun.dread()),
                number(s.howItWas)),
            Optional.of(begun.cue()).filter(c -> !c.isBlank()),
            Optional.ofNullable(begun.where())));
  }

  private static OptionalInt number(@Nullable Integer n) {
    return n == null ? OptionalInt.empty() : OptionalInt.of(n);
  }

  /** What was told before, the newest first. */
  @Transactional(readOnly = true)
  SittingHabits habits() {
    var newest =
        all().stream().map(Past::sitting).sorted(Comparator.comparing(PastSitting::day).reversed());
    var list = newest.toList();
    return new SittingHabits(
        list.stream().flatMap(s -> s.cue().stream()).distinct().toList(),
        list.stream().flatMap(s -> s.where().stream()).distinct().toList());
  }
}
