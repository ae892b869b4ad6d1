package humblequill.server.topic.coverage;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.topic.Topic;
import humblequill.core.topic.coverage.FeltWeak;
import humblequill.core.topic.coverage.Freshness;
import humblequill.core.topic.coverage.FreshnessRule;
import humblequill.core.topic.coverage.MoreOfIt;
import humblequill.core.topic.coverage.TopicRecord;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.Teaching;
import humblequill.server.topic.TopicService;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One topic with all that is known of it. */
@Service
class TopicViews {
  private static final int MOST_WRONG = 30;
  private static final int NEWEST = 20;

  private final SettingsService settings;
  private final Standings standings;
  private final TopicService topics;
  private final NameService names;
  private final EntryService entries;
  private final ToldTopics told;
  private final Teaching teaching;

  TopicViews(
      SettingsService settings,
      Standings standings,
      TopicService topics,
      NameService names,
      EntryService entries,
      ToldTopics told,
      Teaching teaching) {
    this.teaching = teaching;
    this.settings = settings;
    this.standings = standings;
    this.topics = topics;
    this.names = names;
    this.entries = entries;
    this.told = told;
  }

  private Name topic(UUID id) {
    return names
        .names()
        .find(id)
        .filter(n -> n.kind() == NameKind.TOPIC)
        .orElseThrow(() -> Refusal.notFound("topic", id));
  }

  /**
   * A topic.
   *
   * @param facet only what shows it; null for all
   */
  @Transactional(readOnly = true)
  TopicView read(UUID id, @Nullable String facet) {
    var known = names.names();
    var name = topic(id);
    var learner = settings.learner();
    var all = standings.of(learner);
    var standing = all.of(name.text());
    var drawn = all.ledger().all().filter(d -> d.topics().contains(name.text())).toList();
    var shown =
        facet == null
            ? drawn
            : drawn.stream().filter(d -> d.learned().study().facets().contains(facet)).toList();
    var kinds = teaching.kinds();
    var record =
        TopicRecord.of(
            shown,
            learner.today(),
            learner.weekStart(),
            learner.freshness(),
            s -> CoverageService.source(known, s),
            r -> Optional.ofNullable(kinds.get(r)));
    var mine = told.of(name.id());
    var graph = all.graph();
    var wrong = wrong(shown);
    var area = graph.find(name.text()).map(Topic::area).orElse("");
    return new TopicView(
        name.id(),
        name.text(),
        area,
        standing.state(),
        standing.freshness().map(Freshness::value).orElse(null),
        standing.freshness().map(Freshness::returns).orElse(0),
        standing
            .freshness()
            .map(Freshness::halfLifeDays)
            .orElse((double) FreshnessRule.USUAL.halfLifeDays()),
        standing.freshness().map(Freshness::last).orElse(null),
        standing.minutesEver(),
        depths(area),
        Stream.concat(record.depth().stream(), mine.map(ToldTopics.Told::depth).stream())
            .max(Comparator.naturalOrder())
            .orElse(null),
        shown.size(),
        newest(shown),
        record,
        neighbours(graph.find(name.text()).map(Topic::needs).orElse(List.of()), all, known),
        neighbours(
            graph.topics().stream()
                .filter(t -> t.needs().contains(name.text()))
                .map(Topic::name)
                .toList(),
            all,
            known),
        all.plannedOf(name.text()),
        wrong.values().stream().limit(MOST_WRONG).toList(),
        missing(shown, wrong, known),
        drawn.stream()
            .flatMap(d -> d.learned().study().facets().stream())
            .distinct()
            .sorted()
            .toList(),
        mine.map(ToldTopics.Told::weak).map(w -> weak(w, drawn, learner.today())).orElse(null),
        more(all, drawn));
  }

  private List<String> depths(String area) {
    return topics.read().areas().stream()
        .filter(a -> a.name().equals(area))
        .findFirst()
        .map(a -> List.of(a.simple(), a.grouped(), a.detailed()))
        .orElse(List.of());
  }

  private static List<TopicView.Neighbour> neighbours(
      List<String> topics, Standings.Known all, Names names) {
    return topics.stream()
        .map(
            t -> {
              var standing = all.of(t);
              return new TopicView.Neighbour(
                  CoverageService.idOf(names, t),
                  t,
                  standing.state(),
                  standing.freshness().map(Freshness::value).orElse(null));
            })
        .toList();
  }

  private List<EntryView> newest(List<Drawn> drawn) {
    var last = drawn.subList(Math.max(0, drawn.size() - NEWEST), drawn.size());
    return entries.get(last.stream().map(Drawn::entry).toList()).stream()
        .sorted(Comparator.comparing((EntryView e) -> e.fields().day()).reversed())
        .toList();
  }

  /** What went wrong, by entry, the newest first. */
  private Map<UUID, TopicView.Wrong> wrong(List<Drawn> drawn) {
    var said =
        drawn.stream()
            .filter(d -> d.learned().wentWrong())
            .sorted(Comparator.comparing(Drawn::day).reversed())
            .limit(10L * MOST_WRONG)
            .map(Drawn::entry)
            .toList();
    return entries.get(said).stream()
        .sorted(Comparator.comparing((EntryView e) -> e.fields().day()).reversed())
        .collect(
            Collectors.toMap(
                EntryView::id,
                e -> new TopicView.Wrong(e.id(), e.fields().day(), e.fields().wentWrong()),
                (a, b) -> a,
                java.util.LinkedHashMap::new));
  }

  private static TopicView.@Nullable Wrong missing(
      List<Drawn> drawn, Map<UUID, TopicView.Wrong> wrong, Names known) {
    Set<UUID> without =
        drawn.stream()
            .filter(
                d ->
                    TopicRecord.reference(d.source().map(s -> CoverageService.source(known, s)))
                        == TopicRecord.Reference.WITHOUT)
            .map(Drawn::entry)
            .collect(Collectors.toSet());
    return wrong.values().stream()
        .filter(w -> without.contains(w.entry()))
        .findFirst()
        .orElse(null);
  }

  private static TopicView.Weak weak(ToldTopics.Weak told, List<Drawn> drawn, LocalDate today) {
    var felt = FeltWeak.of(drawn, told.since(), today);
    return new TopicView.Weak(told.since(), told.drawings(), felt.drawn());
  }

  private static TopicView.@Nullable MoreOfTopic more(Standings.Known all, List<Drawn> drawn) {
    return all.inFront()
        .map(c -> new TopicView.MoreOfTopic(c.id(), MoreOfIt.of(c.placement(), drawn, all.today())))
        .filter(m -> !m.more().weeks().isEmpty())
        .orElse(null);
  }

  /** Keeps the depth reached; null to leave it to the entries. */
  @Transactional
  void reach(UUID id, @Nullable Depth depth) {
    told.reach(topic(id).id(), depth);
  }

  /** Keeps that a topic feels weak. */
  @Transactional
  void weak(UUID id, CoverageController.FeelsWeak weak) {
    var today = settings.learner().today();
    var since = weak.since() == null ? today : weak.since();
    if (since.isAfter(today)) {
      throw Refusal.badValue("since", since, Message.of("topic.weakAhead"));
    }
    told.weak(topic(id).id(), since, weak.drawings());
  }

  /** Keeps that a topic feels weak no longer. */
  @Transactional
  void better(UUID id) {
    told.better(topic(id).id());
  }
}
