package humblequill.server.coverage;

import humblequill.core.coverage.AfterAway;
import humblequill.core.coverage.Freshness;
import humblequill.core.coverage.RustAhead;
import humblequill.core.coverage.TopicState;
import humblequill.core.coverage.WarmUpRoom;
import humblequill.core.entry.Drawn;
import humblequill.server.data.Derived;
import humblequill.server.edge.Refusal;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What topics ask of today: warm-ups put in, those offered, a return after days away. */
@Service
public class TopicsToday {
  private static final int MOST_OFFERED = 2;
  private static final int MOST_FADED = 5;
  private static final int EASY_MINUTES = 10;

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
          TopicsToday.yesterday(known),
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

  /**
   * What topics ask of today.
   *
   * @param settingUpMinutes minutes of the day for setting up
   * @param freeMinutes minutes of the day kept for drawing what one likes
   */
  @Transactional(readOnly = true)
  public AskedByTopics on(Learner learner, int settingUpMinutes, int freeMinutes) {
    var known = standings.of(learner);
    var today = learner.today();
    var drawnToday = known.ledger().between(today, today);
    var taken =
        warmUps.on(today).stream()
            .map(
                w -> {
                  var topic = warmUps.called(w);
                  return new WarmUpToday(
                      w.id(),
                      topic,
                      w.minutes(),
                      w.room(),
                      w.imagined(),
                      drawnToday.stream().anyMatch(d -> d.topics().contains(topic)));
                })
            .toList();
    var room =
        WarmUpRoom.on(
            settingUpMinutes - minutes(taken, WarmUpRoom.From.SETTING_UP),
            freeMinutes - minutes(taken, WarmUpRoom.From.FREE_SHARE));
    if (!learner.rustSaid()) {
      return new AskedByTopics(taken, List.of(), null);
    }
    var now = ahead.get(List.of(known), () -> Ahead.of(known));
    var away = away(now, taken);
    return new AskedByTopics(
        taken, away == null ? offers(known, now, taken, drawnToday, room) : List.of(), away);
  }

  private static int minutes(List<WarmUpToday> taken, WarmUpRoom.From room) {
    return taken.stream().filter(w -> w.room() == room).mapToInt(WarmUpToday::minutes).sum();
  }

  private static @Nullable Return away(Ahead now, List<WarmUpToday> taken) {
    return now.away
        .map(
            away ->
                new Return(
                    away.days(),
                    away.faded().stream()
                        .limit(MOST_FADED)
                        .map(
                            s ->
                                new Faded(
                                    s.topic(), s.state(), s.freshness().orElseThrow().value()))
                        .toList(),
                    away.easy()
                        .filter(e -> taken.stream().noneMatch(w -> w.topic().equals(e)))
                        .orElse(null),
                    EASY_MINUTES))
        .orElse(null);
  }

  private static List<WarmUpOffer> offers(
      Standings.Known known,
      Ahead now,
      List<WarmUpToday> taken,
      List<Drawn> drawnToday,
      Optional<WarmUpRoom> room) {
    Set<String> named = new HashSet<>();
    taken.forEach(w -> named.add(w.topic()));
    drawnToday.forEach(d -> named.addAll(d.topics()));
    var offers = new ArrayList<WarmUpOffer>();
    now.rusty.stream()
        .filter(n -> named.add(n.standing().topic()))
        .map(n -> rusty(n, room))
        .forEach(offers::add);
    var most = new ArrayList<>(offers.stream().limit(MOST_OFFERED).toList());
    now.yesterday
        .filter(named::add)
        .ifPresent(
            topic ->
                most.add(
                    new WarmUpOffer(
                        Why.YESTERDAY,
                        topic,
                        room.map(WarmUpRoom::minutes).orElse(0),
                        room.map(WarmUpRoom::from).orElse(null),
                        known.of(topic).freshness().map(Freshness::value).orElse(1.),
                        1,
                        "",
                        null,
                        "",
                        null)));
    return most;
  }

  private static WarmUpOffer rusty(RustAhead.Needed n, Optional<WarmUpRoom> room) {
    var freshness = n.standing().freshness().orElseThrow();
    return new WarmUpOffer(
        Why.RUSTY,
        n.standing().topic(),
        room.map(WarmUpRoom::minutes).orElse(0),
        room.map(WarmUpRoom::from).orElse(null),
        freshness.value(),
        freshness.ageDays(),
        n.neededFor(),
        n.number().orElse(null),
        n.title(),
        n.from());
  }

  /** What took most minutes of yesterday's study. */
  private static Optional<String> yesterday(Standings.Known known) {
    var day = known.today().minusDays(1);
    return known.ledger().between(day, day).stream()
        .filter(d -> d.learned().purpose() == Drawn.Purpose.STUDY && !d.topics().isEmpty())
        .max(Comparator.comparing(d -> d.minutes().minutes()))
        .flatMap(d -> d.topics().stream().sorted().findFirst());
  }

  /** Puts a warm-up into today, in whichever minutes hold it. */
  @Transactional
  void put(UUID id, String topic, boolean imagined) {
    var learner = settings.learner();
    var room = learner.room(learner.today());
    var asked =
        on(
            learner,
            Math.min(room.availableMinutes(), room.overheadMinutes()),
            room.freeSeconds() / SECONDS);
    var found =
        WarmUpRoom.on(
            Math.min(room.availableMinutes(), room.overheadMinutes())
                - minutes(asked.warmUps(), WarmUpRoom.From.SETTING_UP),
            room.freeSeconds() / SECONDS - minutes(asked.warmUps(), WarmUpRoom.From.FREE_SHARE));
    if (topic.isBlank()) {
      throw Refusal.badValue("topic", topic, "Say which topic to warm up with.");
    }
    warmUps.put(
        id,
        learner.today(),
        topic.strip(),
        found.orElse(new WarmUpRoom(WarmUpRoom.From.FREE_SHARE, EASY_MINUTES)),
        imagined);
  }

  private static final int SECONDS = 60;
}
