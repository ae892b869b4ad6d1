package humblequill.server.day;

import humblequill.core.course.Exercise;
import humblequill.core.course.plan.ShortTime;
import humblequill.core.day.entry.Drawn;
import humblequill.core.promise.Counting;
import humblequill.core.sitting.Constraint;
import humblequill.core.topic.coverage.AfterAway;
import humblequill.core.topic.coverage.EasySubject;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.settings.SettingsService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to draw on days with little energy, no idea or little time. */
@Service
class EasyDays {
  private static final int LATELY = 60;
  private static final int MINUTE = 60;

  private final EntryLedger ledger;
  private final TodayService today;
  private final SettingsService settings;

  EasyDays(EntryLedger ledger, TodayService today, SettingsService settings) {
    this.ledger = ledger;
    this.today = today;
    this.settings = settings;
  }

  /**
   * The smallest page that counts.
   *
   * @param topic a familiar subject; null before anything was drawn
   * @param medium what is used most lately; null without any
   */
  record LittleView(int minutes, @Nullable String topic, @Nullable String medium) {}

  /**
   * Something else than the usual.
   *
   * @param constraint a rule for a subject one knows
   * @param familiar the subject for it; null before anything was drawn
   * @param other another subject that was left alone for two weeks; null where there is none
   */
  record BoredView(Constraint constraint, @Nullable String familiar, @Nullable String other) {}

  /** Where an offer comes from. */
  enum From {
    /** A share of the course. */
    SHARE,
    /** A promise. */
    PROMISE,
    /** A subject of the learner's own. */
    FREE
  }

  /**
   * Something that fits into the minutes.
   *
   * @param minutesCounted whether units are minutes
   * @param units how many of it fit
   * @param whole whether that is all that is left of it today
   * @param exercise id of its exercise; null without one
   */
  record FittingView(
      From from,
      String title,
      int units,
      boolean minutesCounted,
      int minutes,
      int secondsEach,
      boolean whole,
      @Nullable String exercise,
      @Nullable String topic,
      @Nullable String source,
      @Nullable String medium,
      @Nullable String book) {}

  /** What fits, and the media of the last weeks. */
  record ShortView(int minutes, List<FittingView> fitting, List<String> media) {}

  @Transactional(readOnly = true)
  LittleView little() {
    return new LittleView(
        AfterAway.EASY_MINUTES, familiar().orElse(null), media().stream().findFirst().orElse(null));
  }

  /** What to do about boredom; each turn something else. */
  @Transactional(readOnly = true)
  BoredView bored(int turn) {
    var day = settings.learner().today();
    var others = EasySubject.others(ledger.read(), day);
    return new BoredView(
        Constraint.of(day, turn),
        familiar().orElse(null),
        others.isEmpty() ? null : others.get(turn % others.size()));
  }

  private Optional<String> familiar() {
    return EasySubject.familiar(ledger.read(), settings.learner().today());
  }

  /** Media of the last weeks, the most used first. */
  private List<String> media() {
    Map<String, Long> counts =
        ledger.read().since(settings.learner().today().minusDays(LATELY)).stream()
            .map(Drawn::medium)
            .flatMap(Optional::stream)
            .collect(Collectors.groupingBy(m -> m, Collectors.counting()));
    return counts.entrySet().stream()
        .sorted(
            Map.Entry.<String, Long>comparingByValue()
                .reversed()
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .toList();
  }

  /**
   * What fits into so many minutes: shares, promises, else a familiar subject.
   *
   * @param medium what is at hand; null for anything
   */
  @Transactional(readOnly = true)
  ShortView fitting(int minutes, @Nullable String medium) {
    var view = today.today();
    var found = new ArrayList<FittingView>();
    for (var s : view.shares()) {
      boolean counted = s.unit() == Exercise.Unit.MINUTES;
      int each = counted ? MINUTE : s.secondsEach();
      ShortTime.of(s.left(), each, minutes)
          .ifPresent(
              f ->
                  found.add(
                      new FittingView(
                          From.SHARE,
                          s.title(),
                          f.units(),
                          counted,
                          f.minutes(),
                          each,
                          f.units() == s.left(),
                          s.exerciseId(),
                          null,
                          s.source(),
                          medium,
                          null)));
    }
    for (var q : view.quotas()) {
      boolean other = q.medium() != null && medium != null && !Objects.equals(q.medium(), medium);
      boolean counted = q.unit() == Counting.Unit.MINUTES;
      int each = counted ? MINUTE : q.secondsEach();
      if (!other) {
        ShortTime.of(q.left(), each, minutes)
            .ifPresent(
                f ->
                    found.add(
                        new FittingView(
                            From.PROMISE,
                            q.title(),
                            f.units(),
                            counted,
                            f.minutes(),
                            each,
                            f.units() == q.left(),
                            q.exercise(),
                            q.exercise() == null && q.topic() == null ? q.title() : q.topic(),
                            q.source(),
                            q.medium() == null ? medium : q.medium(),
                            q.book())));
      }
    }
    familiar()
        .ifPresent(
            topic ->
                found.add(
                    new FittingView(
                        From.FREE, topic, minutes, true, minutes, MINUTE, true, null, topic, null,
                        medium, null)));
    return new ShortView(minutes, found, media());
  }
}
