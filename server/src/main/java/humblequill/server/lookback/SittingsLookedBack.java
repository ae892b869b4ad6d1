package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.stats.MeanInterval;
import humblequill.core.sitting.CueRecord;
import humblequill.core.sitting.Feared;
import humblequill.core.sitting.PastSitting;
import humblequill.core.sitting.SittingClasses;
import humblequill.core.sitting.SittingGroups;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.sitting.PastSittings;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What suits the learner in sittings: length, order, hour, place, and what makes one sit down. */
@Service
class SittingsLookedBack {
  private final PastSittings sittings;
  private final WeekGround ground;
  private final SettingsService settings;

  SittingsLookedBack(PastSittings sittings, WeekGround ground, SettingsService settings) {
    this.sittings = sittings;
    this.ground = ground;
    this.settings = settings;
  }

  /**
   * Sittings side by side.
   *
   * @param sittings how many are over
   * @param lengths by minutes; groups are named "0-20" and so on
   * @param places by place in a row, "1", "2", "3" and later; warm-ups left out
   * @param warmedUp "with" and "without" a warm-up before
   * @param hours by when they began, such as "09-12"
   * @param where by where they were
   * @param cues what made the learner sit down
   * @param feared how hard they seemed against how hard they were
   * @param longest the longest stretch without a break; null without any
   * @param longestLately the longest of the last four weeks
   */
  record SittingsView(
      int sittings,
      SittingGroupsView lengths,
      SittingGroupsView places,
      SittingGroupsView warmedUp,
      SittingGroupsView hours,
      SittingGroupsView where,
      List<CueRecord> cues,
      FearedView feared,
      @Nullable StretchView longest,
      @Nullable StretchView longestLately) {}

  /**
   * Groups of sittings.
   *
   * @param bestMarks name of the one whose marks stand apart above all others; null where none does
   * @param bestEnergy the same by what it gave or took of energy
   * @param lacking how many marked sittings are missing until two can be compared
   */
  record SittingGroupsView(
      List<SittingGroupView> groups,
      @Nullable String bestMarks,
      @Nullable String bestEnergy,
      int lacking) {}

  /** Sittings of one kind; what nobody told is null. */
  record SittingGroupView(
      String name,
      int sittings,
      int minutes,
      @Nullable MeanView marks,
      @Nullable MeanView energy) {}

  /** A mean; without an interval where it is of one value. */
  record MeanView(double mean, @Nullable Double low, @Nullable Double high, int of) {
    static MeanView of(MeanInterval m) {
      return m.of() == 1
          ? new MeanView(m.mean(), null, null, 1)
          : new MeanView(m.mean(), m.low(), m.high(), m.of());
    }
  }

  /** How hard sittings seemed; said once the count is too uneven for chance. */
  record FearedView(int easier, int same, int harder, boolean said) {}

  /** A stretch without a break or a pause. */
  record StretchView(LocalDate day, int minutes) {}

  @Transactional(readOnly = true)
  public SittingsView read() {
    var learner = settings.learner();
    var all = all();
    var drawn = all.stream().filter(s -> !s.warmUp()).toList();
    var feared = Feared.of(all);
    return new SittingsView(
        all.size(),
        view(drawn, s -> Optional.of(SittingClasses.length(s.minutes()))),
        view(drawn, s -> Optional.of(SittingClasses.place(s.place()))),
        view(drawn, s -> Optional.of(s.warmedUp() ? "with" : "without")),
        view(drawn, s -> Optional.of(SittingClasses.hours(s.time()))),
        view(drawn, PastSitting::where),
        CueRecord.of(all, learner.today(), day -> chance(learner, day)),
        new FearedView(feared.easier(), feared.same(), feared.harder(), feared.said()),
        longest(all, LocalDate.MIN),
        longest(all, learner.today().minusDays(4L * WeekGround.DAYS)));
  }

  /** The length whose marks stand apart; empty where none does. */
  Optional<String> suitingLength() {
    var drawn = all().stream().filter(s -> !s.warmUp()).toList();
    return Optional.ofNullable(
        view(drawn, s -> Optional.of(SittingClasses.length(s.minutes()))).bestMarks());
  }

  private static boolean chance(Learner learner, LocalDate day) {
    return !learner.availability().isNeutral(day);
  }

  /** A sitting that is over, and what was drawn in it. */
  record Over(PastSitting sitting, Drawn drawn) {}

  /** All of them in order of time. */
  List<Over> over() {
    var past = sittings.all();
    if (past.isEmpty()) {
      return List.of();
    }
    var entries = past.stream().map(PastSittings.Past::entry).collect(Collectors.toSet());
    Map<UUID, Drawn> drawn = new HashMap<>();
    ground
        .drawn()
        .all()
        .filter(d -> entries.contains(d.entry()))
        .forEach(d -> drawn.put(d.entry(), d));
    return past.stream()
        .filter(p -> drawn.containsKey(p.entry()))
        .map(p -> new Over(p.sitting(), drawn.get(p.entry())))
        .toList();
  }

  private List<PastSitting> all() {
    return over().stream().map(o -> o.sitting().marked(marked(o.drawn().mark()))).toList();
  }

  private static OptionalInt marked(int mark) {
    return mark == 0 ? OptionalInt.empty() : OptionalInt.of(mark);
  }

  private static SittingGroupsView view(
      List<PastSitting> sittings, Function<PastSitting, Optional<String>> by) {
    var g = SittingGroups.by(sittings, by);
    return new SittingGroupsView(
        g.groups().stream()
            .map(
                x ->
                    new SittingGroupView(
                        x.name(),
                        x.sittings(),
                        x.minutes(),
                        x.marks().map(MeanView::of).orElse(null),
                        x.energy().map(MeanView::of).orElse(null)))
            .toList(),
        name(g, g.bestMarks()),
        name(g, g.bestEnergy()),
        g.lacking());
  }

  private static @Nullable String name(SittingGroups g, OptionalInt place) {
    return place.isPresent() ? g.groups().get(place.getAsInt()).name() : null;
  }

  private static @Nullable StretchView longest(List<PastSitting> sittings, LocalDate from) {
    return sittings.stream()
        .filter(s -> s.day().isAfter(from))
        .max(Comparator.comparing(PastSitting::unbroken))
        .map(s -> new StretchView(s.day(), (int) s.unbroken().toMinutes()))
        .orElse(null);
  }
}
