package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.ground.stats.MannKendall;
import humblequill.core.ground.stats.TheilSen;
import humblequill.core.lookback.Dip;
import humblequill.core.lookback.Trend;
import humblequill.core.lookback.Typical;
import humblequill.core.lookback.WeekSeries;
import humblequill.server.book.EntryPictures;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Figures from week to week, how they went, and the phases they fall into. */
@Service
class Months {
  private static final int SHOWN = 4;

  private final WeekGround ground;
  private final SettingsService settings;
  private final PhaseBoundaries boundaries;
  private final EntryPictures pictures;
  private final PagePictures files;
  private final PhaseNameRepository repository;
  private final Remembered<Map<PhaseNameEntity.Key, String>> names;
  private final Derived<List<SeriesView>> series = new Derived<>();

  Months(
      WeekGround ground,
      SettingsService settings,
      EntryPictures pictures,
      PagePictures files,
      PhaseNameRepository repository,
      PhaseBoundaries boundaries,
      Memory memory) {
    this.boundaries = boundaries;
    this.pictures = pictures;
    this.files = files;
    this.ground = ground;
    this.settings = settings;
    this.repository = repository;
    this.names = memory.remember("names of phases", PhaseNameEntity.class);
  }

  /**
   * A figure week by week.
   *
   * @param called the learner's name of their own figure; null for all others
   * @param slope null for marks and with too few weeks
   * @param order null for all but marks
   * @param ratherSteady whether it rather changed by and by than from phase to phase; never said of
   *     phases that the learner parted
   */
  record SeriesView(
      WeekSeries.Figure figure,
      @Nullable String called,
      List<WeekValue> values,
      Trend.Direction direction,
      int weeks,
      @Nullable TheilSen slope,
      @Nullable MannKendall order,
      boolean ownBoundaries,
      boolean ratherSteady,
      List<PhaseView> phases) {}

  /** A figure of the week that begins on a day. */
  record WeekValue(LocalDate from, double value) {}

  /**
   * A phase; a series without any change is one.
   *
   * @param to last day of its last week
   * @param mean of its weeks
   * @param name that the learner gave it; empty without
   * @param typical what is most of it
   * @param pictures of some of its pages, the oldest first
   */
  record PhaseView(
      LocalDate from,
      LocalDate to,
      double mean,
      String name,
      TypicalView typical,
      List<UUID> pictures) {}

  /**
   * What is most of a phase, by minutes.
   *
   * @param mediumShare 0 to 1
   */
  record TypicalView(
      @Nullable String topic,
      @Nullable String medium,
      double mediumShare,
      @Nullable String source,
      int drawings) {}

  /** All figures. */
  @Transactional(readOnly = true)
  public List<SeriesView> read() {
    var learner = settings.learner();
    var drawn = ground.drawn();
    var first = ground.firstWeek(learner);
    return series.get(
        List.of(
            drawn,
            first,
            learner.today(),
            names(),
            boundaries.all(),
            files.all(),
            learner.ownFigure()),
        () ->
            WeekSeries.of(drawn, first, learner.today(), learner.ownFigure()).stream()
                .map(s -> view(s, first, drawn, learner.ownFigure()))
                .toList());
  }

  private SeriesView view(WeekSeries s, LocalDate first, Ledger drawn, Optional<String> ownFigure) {
    boolean ownBoundaries = boundaries.of(s.figure()).isPresent();
    return new SeriesView(
        s.figure(),
        s.figure() == WeekSeries.Figure.OWN_FIGURE ? ownFigure.orElse(null) : null,
        s.points().stream()
            .map(p -> new WeekValue(first.plusDays(7L * p.week()), p.value()))
            .toList(),
        s.trend().direction(),
        s.trend().weeks(),
        s.trend().slope().orElse(null),
        s.trend().order().orElse(null),
        ownBoundaries,
        s.ratherSteady() && !ownBoundaries,
        phases(s, first, drawn));
  }

  private List<PhaseView> phases(WeekSeries s, LocalDate first, Ledger drawn) {
    var phases = new ArrayList<PhaseView>();
    if (s.points().isEmpty()) {
      return phases;
    }
    var begins = new ArrayList<Integer>();
    begins.add(s.points().get(0).week());
    begins.addAll(boundaries.of(s.figure()).map(b -> weeks(b, s, first)).orElse(s.phases()));
    for (int i = 0; i < begins.size(); i++) {
      int begin = begins.get(i);
      int end =
          i + 1 < begins.size()
              ? begins.get(i + 1) - 1
              : s.points().get(s.points().size() - 1).week();
      var from = first.plusDays(7L * begin);
      var to = first.plusDays(7L * end + 6);
      phases.add(
          new PhaseView(
              from,
              to,
              s.points().stream()
                  .filter(p -> p.week() >= begin && p.week() <= end)
                  .mapToDouble(Trend.Point::value)
                  .average()
                  .orElse(0),
              names().getOrDefault(key(s.figure(), from), ""),
              typical(drawn.between(from, to)),
              begins.size() == 1 ? List.of() : seen(drawn.between(from, to))));
    }
    return phases;
  }

  /** Weeks of boundaries; what lies outside the figure's weeks parts nothing. */
  private static List<Integer> weeks(List<LocalDate> begins, WeekSeries s, LocalDate first) {
    int from = s.points().get(0).week();
    int to = s.points().get(s.points().size() - 1).week();
    return begins.stream()
        .map(day -> (int) Math.floorDiv(ChronoUnit.DAYS.between(first, day), WeekGround.DAYS))
        .filter(week -> week > from && week <= to)
        .distinct()
        .sorted()
        .toList();
  }

  /** Marks that fell when something new was taken up. */
  @Transactional(readOnly = true)
  public List<DipView> dips() {
    return Dip.of(ground.drawn(), settings.learner().today()).stream()
        .map(
            d ->
                new DipView(
                    d.topic(),
                    d.from(),
                    d.before(),
                    d.after(),
                    d.endedAfter().isPresent() ? d.endedAfter().getAsInt() : null))
        .toList();
  }

  /**
   * Marks that fell.
   *
   * @param topic what was new
   * @param from when it was first drawn
   * @param before mean mark of the three weeks before
   * @param after of the three weeks from then on
   * @param endedAfter weeks until they were as good as before; null while they are not
   */
  record DipView(
      String topic, LocalDate from, double before, double after, @Nullable Integer endedAfter) {}

  /** Pictures spread over the time of a phase. */
  private List<UUID> seen(List<Drawn> drawn) {
    var named = drawn.stream().filter(d -> d.span().isPresent()).toList();
    var byEntry = pictures.shown(named.stream().map(Drawn::entry).collect(Collectors.toSet()));
    var all =
        named.stream()
            .map(d -> byEntry.get(d.entry()))
            .filter(Objects::nonNull)
            .distinct()
            .toList();
    return IntStream.range(0, Math.min(SHOWN, all.size()))
        .mapToObj(i -> all.get(i * all.size() / Math.min(SHOWN, all.size())))
        .toList();
  }

  private static TypicalView typical(List<Drawn> drawn) {
    var t = Typical.of(drawn);
    return new TypicalView(
        t.topic().orElse(null),
        t.medium().orElse(null),
        t.mediumShare(),
        t.source().orElse(null),
        t.drawings());
  }

  private Map<PhaseNameEntity.Key, String> names() {
    return names.get(
        () -> repository.findAll().stream().collect(Collectors.toMap(e -> e.key, e -> e.name)));
  }

  private PhaseNameEntity.Key key(WeekSeries.Figure figure, LocalDate from) {
    return new PhaseNameEntity.Key(FigureKey.of(figure, settings.learner().ownFigure()), from);
  }

  /** Gives a phase a name; an empty one takes it away. */
  @Transactional
  public void call(WeekSeries.Figure figure, LocalDate from, String name) {
    var key = key(figure, from);
    if (name.isBlank()) {
      repository.deleteById(key);
      repository.flush();
    } else {
      var entity = repository.findById(key).orElseGet(PhaseNameEntity::new);
      entity.key = key;
      entity.name = name.strip();
      repository.saveAndFlush(entity);
    }
  }
}
