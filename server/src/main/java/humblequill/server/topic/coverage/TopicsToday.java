package humblequill.server.topic.coverage;

import humblequill.core.ground.message.Message;
import humblequill.core.topic.coverage.AfterAway;
import humblequill.core.topic.coverage.RustAhead;
import humblequill.core.topic.coverage.TopicStanding;
import humblequill.core.topic.coverage.TopicState;
import humblequill.core.topic.coverage.WarmUpChoice;
import humblequill.core.topic.coverage.WarmUpRoom;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What topics ask of today: warm-ups put in, those offered, a return after days away. */
@Service
public class TopicsToday {
  private static final int SECONDS = 60;

  private final Standings standings;
  private final WarmUps warmUps;
  private final SettingsService settings;
  private final Derived<Ahead> ahead = new Derived<>();

  /**
   * What follows from how topics stand alone.
   *
   * @param rusty needed by weeks to come, course by course
   * @param yesterday what took most minutes of yesterday's study
   */
  private record Ahead(
      List<RustAhead.Needed> rusty, Optional<String> yesterday, Optional<AfterAway> away) {
    private static Ahead of(Standings.Known known) {
      return new Ahead(
          known.followed().stream()
              .flatMap(
                  course ->
                      RustAhead.of(course.placement(), known.graph(), known::of, known.today())
                          .stream())
              .toList(),
          WarmUpChoice.studiedYesterday(known.ledger(), known.today()),
          AfterAway.on(known.today(), known.ledger(), known.rule()));
    }
  }

  TopicsToday(Standings standings, WarmUps warmUps, SettingsService settings) {
    this.standings = standings;
    this.warmUps = warmUps;
    this.settings = settings;
  }

  /**
   * The part of today's page.
   *
   * @param warmUps those put in
   * @param offers those that may be
   * @param away a return after days without drawing; null on other days
   */
  public record AskedByTopics(
      List<WarmUpToday> warmUps, List<WarmUpOffer> offers, @Nullable Return away) {}

  /**
   * A warm-up put into today.
   *
   * @param imagined whether it is to be drawn from imagination
   * @param done whether something of its topic was drawn today
   */
  public record WarmUpToday(
      UUID id, String topic, int minutes, WarmUpRoom.From room, boolean imagined, boolean done) {}

  /** Why a warm-up is offered. */
  public enum Why {
    /** It is rusty, and a week to come needs it. */
    RUSTY,
    /** It was studied yesterday; once more from imagination. */
    YESTERDAY
  }

  /**
   * A warm-up that may be put into today.
   *
   * @param minutes 0 where the day has no room for it
   * @param room whose minutes it takes; null without room
   * @param freshness 0 to 1
   * @param ageDays days since it was practised
   * @param neededFor the topic that stands on it; empty for what was studied yesterday
   * @param week number of the week that needs it; null where the course gives it none
   * @param from first day of that week
   */
  public record WarmUpOffer(
      Why why,
      String topic,
      int minutes,
      WarmUpRoom.@Nullable From room,
      double freshness,
      long ageDays,
      String neededFor,
      @Nullable Integer week,
      String weekTitle,
      @Nullable LocalDate from) {}

  /**
   * A return after days without drawing.
   *
   * @param faded what faded meanwhile, the most practised first
   * @param easy a familiar subject; null without one, or once it is put in
   * @param easyMinutes how long
   */
  public record Return(long days, List<Faded> faded, @Nullable String easy, int easyMinutes) {}

  /** A topic that faded. */
  public record Faded(String topic, TopicState state, double freshness) {}

  /** What topics ask of today. */
  @Transactional(readOnly = true)
  public AskedByTopics on(Learner learner) {
    var known = standings.of(learner);
    var today = learner.today();
    var drawn = topicsDrawn(known);
    var taken = warmUps.on(today).stream().map(w -> taken(w, drawn)).toList();
    if (!learner.rustSaid()) {
      return new AskedByTopics(taken, List.of(), null);
    }
    var now = ahead.get(List.of(known), () -> Ahead.of(known));
    var besides = new HashSet<>(drawn);
    taken.forEach(w -> besides.add(w.topic()));
    if (now.away.isPresent()) {
      return new AskedByTopics(taken, List.of(), away(now.away.get(), besides));
    }
    var room = room(learner, taken);
    return new AskedByTopics(
        taken,
        WarmUpChoice.of(now.rusty, now.yesterday, besides).stream()
            .map(c -> offer(c, known.of(c.topic()), room))
            .toList(),
        null);
  }

  private static Set<String> topicsDrawn(Standings.Known known) {
    return known.ledger().between(known.today(), known.today()).stream()
        .flatMap(d -> d.topics().stream())
        .collect(Collectors.toSet());
  }

  private WarmUpToday taken(WarmUps.Kept w, Set<String> drawn) {
    var topic = warmUps.called(w);
    return new WarmUpToday(
        w.id(), topic, w.minutes(), w.room(), w.imagined(), drawn.contains(topic));
  }

  /** What today holds beside the warm-ups put in. */
  private static Optional<WarmUpRoom> room(Learner learner, List<WarmUpToday> taken) {
    var room = learner.room(learner.today());
    return WarmUpRoom.on(
        Math.min(room.availableMinutes(), room.overheadMinutes())
            - minutes(taken, WarmUpRoom.From.SETTING_UP),
        room.freeSeconds() / SECONDS - minutes(taken, WarmUpRoom.From.FREE_SHARE));
  }

  private static int minutes(List<WarmUpToday> taken, WarmUpRoom.From room) {
    return taken.stream().filter(w -> w.room() == room).mapToInt(WarmUpToday::minutes).sum();
  }

  private static Return away(AfterAway away, Set<String> besides) {
    return new Return(
        away.days(),
        away.faded().stream()
            .map(s -> new Faded(s.topic(), s.state(), s.freshness().orElseThrow().value()))
            .toList(),
        away.easy().filter(e -> !besides.contains(e)).orElse(null),
        AfterAway.EASY_MINUTES);
  }

  private static WarmUpOffer offer(
      WarmUpChoice choice, TopicStanding standing, Optional<WarmUpRoom> room) {
    var needed = choice.needed();
    var freshness = standing.freshness().orElseThrow();
    return new WarmUpOffer(
        needed.isPresent() ? Why.RUSTY : Why.YESTERDAY,
        choice.topic(),
        room.map(WarmUpRoom::minutes).orElse(0),
        room.map(WarmUpRoom::from).orElse(null),
        freshness.value(),
        freshness.ageDays(),
        needed.map(RustAhead.Needed::neededFor).orElse(""),
        needed.flatMap(RustAhead.Needed::number).orElse(null),
        needed.map(RustAhead.Needed::title).orElse(""),
        needed.map(RustAhead.Needed::from).orElse(null));
  }

  /** Puts a warm-up into today, in whichever minutes hold it. */
  @Transactional
  void put(UUID id, String topic, boolean imagined) {
    if (topic.isBlank()) {
      throw Refusal.badValue("topic", topic, Message.of("topic.whichWarmUp"));
    }
    var learner = settings.learner();
    var drawn = topicsDrawn(standings.of(learner));
    var taken = warmUps.on(learner.today()).stream().map(w -> taken(w, drawn)).toList();
    warmUps.put(
        id,
        learner.today(),
        topic.strip(),
        room(learner, taken).orElseGet(WarmUpRoom::anyway),
        imagined);
  }
}
