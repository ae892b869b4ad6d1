package humblequill.server.topic.coverage;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import humblequill.core.topic.Topic;
import humblequill.core.topic.coverage.Balance;
import humblequill.core.topic.coverage.BalanceRemark;
import humblequill.core.topic.coverage.Freshness;
import humblequill.core.topic.coverage.TopicColumns;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.PromisedEntries;
import humblequill.server.shelf.Teaching;
import humblequill.server.topic.TopicService;
import humblequill.server.topic.Topics;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Topics against weeks, and how one-sided the drawing is. */
@Service
class CoverageService {
  private final SettingsService settings;
  private final Standings standings;
  private final TopicService topics;
  private final NameService names;
  private final PromisedEntries promised;
  private final Teaching teaching;
  private final Derived<List<BalanceRemark>> remarks = new Derived<>();

  CoverageService(
      SettingsService settings,
      Standings standings,
      TopicService topics,
      NameService names,
      PromisedEntries promised,
      Teaching teaching) {
    this.teaching = teaching;
    this.settings = settings;
    this.standings = standings;
    this.topics = topics;
    this.names = names;
    this.promised = promised;
  }

  @Transactional(readOnly = true)
  CoverageView read(CoverageView.Window asked, boolean all) {
    var learner = settings.learner();
    var known = standings.of(learner);
    var course = known.inFront();
    var window =
        asked == CoverageView.Window.COURSE && course.isEmpty() ? CoverageView.Window.DAYS : asked;
    var columns = columns(window, learner, course);
    var rows = rows(known, columns, all);
    int blot =
        rows.stream()
            .flatMap(r -> r.row.cells().stream())
            .mapToInt(c -> Math.max(c.minutes(), c.planned()))
            .max()
            .orElse(0);
    var areas = areas(rows);
    var promisedEntries = promised.all();
    var drawn =
        columns.columns().isEmpty()
            ? List.<Drawn>of()
            : known
                .ledger()
                .between(
                    columns.columns().get(0).from(),
                    columns.columns().get(columns.columns().size() - 1).to());
    return new CoverageView(
        window,
        columns.columns(),
        columns.at(learner.today()).orElse(null),
        blot,
        areas,
        known.standing().size() - areas.stream().mapToInt(a -> a.topics().size()).sum(),
        Balance.of(drawn, known.graph(), d -> promisedEntries.contains(d.entry())),
        remarks(known, promisedEntries));
  }

  private static TopicColumns columns(
      CoverageView.Window window, Learner learner, Optional<PlacedCourse> course) {
    return switch (window) {
      case DAYS -> TopicColumns.days(learner.today());
      case YEAR -> TopicColumns.year(learner.today(), learner.weekStart());
      case COURSE -> TopicColumns.course(course.orElseThrow().placement());
    };
  }

  private record Row(String area, CoverageView.TopicRow row) {}

  private List<Row> rows(Standings.Known known, TopicColumns columns, boolean all) {
    var called = names.names();
    var order = new ArrayList<String>();
    known.graph().topics().forEach(t -> order.add(t.name()));
    known.standing().keySet().stream()
        .filter(n -> known.graph().find(n).isEmpty())
        .sorted()
        .forEach(order::add);
    var rows = new ArrayList<Row>();
    for (var name : order) {
      var planned = known.plannedOf(name);
      var cells = columns.cells(name, known.ledger(), planned);
      if (cells.isEmpty() && !all) {
        continue;
      }
      var standing = known.of(name);
      var next = planned.stream().findFirst();
      rows.add(
          new Row(
              known.graph().find(name).map(Topic::area).orElse(""),
              new CoverageView.TopicRow(
                  idOf(called, name),
                  name,
                  standing.state(),
                  standing.freshness().map(Freshness::value).orElse(null),
                  standing.freshness().map(Freshness::last).orElse(null),
                  next.map(p -> p.from()).orElse(null),
                  next.flatMap(p -> p.number()).orElse(null),
                  cells.stream().mapToInt(TopicColumns.TopicCell::minutes).sum(),
                  cells)));
    }
    return rows;
  }

  private List<CoverageView.AreaRows> areas(List<Row> rows) {
    var order =
        new ArrayList<>(topics.read().areas().stream().map(Topics.AreaOfTopics::name).toList());
    order.add("");
    return order.stream()
        .map(
            area ->
                new CoverageView.AreaRows(
                    area, rows.stream().filter(r -> r.area.equals(area)).map(Row::row).toList()))
        .filter(a -> !a.topics().isEmpty())
        .toList();
  }

  /** They look at everything drawn, so they are made once for as long as that stays. */
  private List<BalanceRemark> remarks(Standings.Known known, Set<UUID> promisedEntries) {
    var all = names.names();
    var kinds = teaching.kinds();
    return remarks.get(
        List.of(known.ledger(), all, promisedEntries, known.today(), kinds.toString()),
        () -> {
          var sources = new HashMap<String, String>();
          return BalanceRemark.on(
              known.today(),
              known.ledger(),
              d ->
                  d.source()
                      .map(s -> sources.computeIfAbsent(s, called -> source(all, called)))
                      .filter("life"::equals)
                      .isPresent(),
              d ->
                  d.learned().purpose() == Drawn.Purpose.FREE
                      && !promisedEntries.contains(d.entry()),
              resource -> Optional.ofNullable(kinds.get(resource)));
        });
  }

  /** The identity of a topic; null for a word of a course that is none of the learner's. */
  static @Nullable UUID idOf(Names names, String topic) {
    return names.find(NameKind.TOPIC, topic).map(Name::id).orElse(null);
  }

  /** What a source was called when it shipped. */
  static String source(Names names, String called) {
    return ShippedNames.firstText(names, NameKind.SOURCE, called);
  }
}
