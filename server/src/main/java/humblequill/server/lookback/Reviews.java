package humblequill.server.lookback;

import humblequill.core.ground.calendar.Weeks;
import humblequill.core.ground.message.Message;
import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.Offers;
import humblequill.core.lookback.ReviewDay;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weeks that are looked back on, and the changes that were taken from them. */
@Service
public class Reviews {
  private static final long MOST_WEEKS_AGO = 1;

  private final KeptReviews kept;
  private final LookBackRepository lookBack;
  private final WeekGround ground;
  private final Offering offering;
  private final SettingsService settings;

  Reviews(
      KeptReviews kept,
      LookBackRepository lookBack,
      WeekGround ground,
      Offering offering,
      SettingsService settings) {
    this.kept = kept;
    this.lookBack = lookBack;
    this.ground = ground;
    this.offering = offering;
    this.settings = settings;
  }

  /** What became of a week's review. */
  public enum State {
    /** Nothing was written or decided, or it was opened again. */
    OPEN,
    /** It was closed. */
    CLOSED,
    /** It was passed over. */
    SKIPPED
  }

  /** The weekday on which the week is looked back on: the learner's, else the last of the week. */
  @Transactional(readOnly = true)
  DayOfWeek day(Learner learner) {
    return lookBack
        .findById(LookBackEntity.ONLY)
        .map(e -> StoredJson.kind(DayOfWeek.class, e.reviewDay))
        .orElse(ReviewDay.usual(learner.weekStart()));
  }

  @Transactional
  void chooseDay(DayOfWeek chosen) {
    var entity = lookBack.findById(LookBackEntity.ONLY).orElseGet(LookBackEntity::new);
    entity.reviewDay = StoredJson.word(chosen);
    lookBack.saveAndFlush(entity);
  }

  /**
   * The week that is to be looked back on now; empty when it is done, passed over, or not its day
   * yet.
   */
  @Transactional(readOnly = true)
  public Optional<LocalDate> due(Learner learner) {
    var from = ReviewDay.week(learner.today(), learner.weekStart(), day(learner));
    boolean open = kept.of(from).map(r -> r.state() == State.OPEN).orElse(true);
    boolean drawn = !from.isBefore(ground.firstWeek(learner)) && !ground.entries(from).isEmpty();
    return open && drawn ? Optional.of(from) : Optional.empty();
  }

  /** The aim that the newest closed review set for sittings, if it is not older than two weeks. */
  @Transactional(readOnly = true)
  public Optional<String> aim(Learner learner) {
    var running = Weeks.startOf(learner.today(), learner.weekStart());
    for (int i = 0; i <= 2; i++) {
      var aim =
          kept.of(running.minusDays(7L * i)).stream()
              .flatMap(r -> r.document().taken().stream())
              .map(StoredReview.StoredTaken::offer)
              .filter(OfferedChange.Aim.class::isInstance)
              .map(OfferedChange.Aim.class::cast)
              .map(OfferedChange.Aim::remark)
              .reduce((a, b) -> b);
      if (aim.isPresent()) {
        return aim;
      }
    }
    return Optional.empty();
  }

  /** Refuses what is no first day of a week that can be looked back on. */
  void check(Learner learner, LocalDate from) {
    if (!Weeks.startOf(from, learner.weekStart()).equals(from)) {
      throw Refusal.badValue("from", from, Message.of("lookback.notFirstOfWeek", "day", from));
    }
    if (from.isAfter(learner.today())) {
      throw Refusal.badValue("from", from, Message.of("lookback.weekNotBegun", "day", from));
    }
  }

  /** Whether changes may still be offered: of the running week and of the one before. */
  static boolean offers(Learner learner, LocalDate from) {
    var running = Weeks.startOf(learner.today(), learner.weekStart());
    return !from.isBefore(running.minusDays(7 * MOST_WEEKS_AGO));
  }

  /**
   * All changes that follow from a week and were not taken yet, nor in the week beside it, nor put
   * aside of late.
   */
  List<OfferedChange> open(Learner learner, LocalDate from) {
    if (!offers(learner, from)) {
      return List.of();
    }
    var taken =
        Stream.of(from, from.minusDays(WeekGround.DAYS), from.plusDays(WeekGround.DAYS))
            .flatMap(week -> kept.of(week).stream())
            .flatMap(r -> r.document().taken().stream())
            .map(StoredReview.StoredTaken::offer)
            .toList();
    var aside = aside(from);
    return offering.of(learner, from).stream()
        .filter(o -> taken.stream().noneMatch(t -> t.settles(o)))
        .filter(o -> !aside.contains(o.key()))
        .toList();
  }

  /** Keys of what was put aside in the week, in the one after it, or in the weeks of late. */
  private Set<String> aside(LocalDate from) {
    return IntStream.range(-1, Offers.WEEKS_ASIDE)
        .mapToObj(from::minusWeeks)
        .flatMap(week -> kept.of(week).stream())
        .flatMap(r -> r.document().putAside().stream())
        .map(OfferedChange::key)
        .collect(Collectors.toSet());
  }

  /** Puts an offered change aside for some weeks, or offers it again. */
  @Transactional
  public void putAside(LocalDate from, String key, boolean aside) {
    var learner = settings.learner();
    check(learner, from);
    var document = document(from);
    var left = new ArrayList<>(document.putAside());
    boolean stood = left.removeIf(o -> o.key().equals(key));
    if (stood == aside) {
      return;
    }
    if (aside) {
      left.add(offered(learner, from, key));
    }
    kept.write(from, document.puttingAside(left));
  }

  private OfferedChange offered(Learner learner, LocalDate from, String key) {
    return open(learner, from).stream()
        .filter(o -> o.key().equals(key))
        .findFirst()
        .orElseThrow(() -> Refusal.conflict("offer-gone", Message.of("lookback.planMovedOn")));
  }

  /** Keeps the learner's words, and whether the week is closed. */
  @Transactional
  public void keep(
      LocalDate from, @Nullable Long version, String words, String expects, State state) {
    check(settings.learner(), from);
    kept.write(from, version, state, document(from).saying(words.strip(), expects.strip()));
  }

  /**
   * Takes an offered change. It is worked out anew, so that what is taken is what follows now.
   *
   * @param id of the decision it makes; the same told twice is made once
   */
  @Transactional
  public void take(LocalDate from, UUID id, String key) {
    var learner = settings.learner();
    check(learner, from);
    boolean twice =
        document(from).taken().stream()
            .anyMatch(t -> id.equals(t.decision()) || t.offer().key().equals(key));
    if (twice) {
      return;
    }
    var offer = offered(learner, from, key);
    var placement = offering.make(learner, offer, id).orElse(null);
    var taken = StoredReview.StoredTaken.of(offer, placement, placement == null ? null : id);
    kept.write(from, document(from).taking(taken));
  }

  /**
   * What the learner wrote when looking back.
   *
   * @param from first day of the week or month that it stands in
   */
  public record Written(LocalDate from, String text) {}

  /**
   * All that was written, the newest week first: what was thought of it, then what was expected.
   */
  @Transactional(readOnly = true)
  public List<Written> written() {
    return kept.all().values().stream()
        .sorted(Comparator.comparing(KeptReviews.KeptReview::from).reversed())
        .flatMap(
            r ->
                Stream.of(r.document().words(), r.document().expects())
                    .map(text -> new Written(r.from(), text)))
        .toList();
  }

  private StoredReview document(LocalDate from) {
    return kept.of(from).map(KeptReviews.KeptReview::document).orElse(StoredReview.EMPTY);
  }

  /**
   * Keeps that a change followed from a week, where the plan holds it already.
   *
   * @param decision the decision of the plan that it was
   */
  @Transactional
  public void remember(LocalDate from, OfferedChange offer, UUID placement, UUID decision) {
    kept.write(
        from, document(from).taking(StoredReview.StoredTaken.of(offer, placement, decision)));
  }
}
