package humblequill.core.promise;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.PolyaUrn;
import humblequill.core.ground.stats.Wilson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Works a forecast out: the days to come one after another, the first with what is known of it. */
final class Prediction {
  private static final int HORIZON = 366;
  private static final int FAN_DATES = 8;
  private static final double LIKELY = 0.9;
  private static final double EVEN = 0.5;
  private static final double UNLIKELY = 0.1;
  private static final int WEEKS_AHEAD = 4;

  private final Progress progress;
  private final Forecast.Known known;
  private final Tally own;
  private final double plan;
  private final int drawnToday;

  /** Units left at the beginning of today. */
  private final int left;

  /** The days to come; today is the first when it is a drawing day, or was drawn on. */
  private final List<LocalDate> dates;

  private final int daysInTime;
  private final PolyaUrn urn;

  /** Whether today brought more than any day before, so that the urn does not know it. */
  private final boolean unseen;

  Prediction(Progress progress, Forecast.Known known) {
    this.progress = progress;
    this.known = known;
    own = known.earlier().plus(progress.before().daily());
    int all = Math.max(1, known.days().count(progress.from(), progress.due()));
    plan = Math.min(known.holds(), known.dated() ? (double) progress.asked() / all : ownMean());
    drawnToday = progress.doneToday();
    left = Math.max(0, progress.asked() - progress.done() + drawnToday);
    var begin = progress.from().isAfter(known.today()) ? progress.from() : known.today();
    dates =
        begin
            .datesUntil(begin.plusDays(HORIZON))
            .filter(d -> known.days().test(d) || drawnToday > 0 && d.equals(begin))
            .toList();
    daysInTime = (int) dates.stream().filter(d -> !d.isAfter(progress.due())).count();
    var made = DayUrn.of(own, plan, daysAWeek(begin), Math.max(1, daysInTime));
    unseen = drawnToday > made.most();
    urn = unseen ? made.drawn(drawnToday) : made;
  }

  /** Units of an own day; all that is asked while there is none. */
  private double ownMean() {
    return own.byDay().values().stream().mapToInt(n -> n).average().orElse(progress.asked());
  }

  /** Planned drawing days a week, on average over the next four. */
  private double daysAWeek(LocalDate from) {
    var last = from.plusWeeks(WEEKS_AHEAD).minusDays(1);
    return (double) known.days().count(from, last) / WEEKS_AHEAD;
  }

  /** How many days each chance takes, 0 for none; empty when they are beyond the horizon. */
  private record Needed(Optional<Integer> early, Optional<Integer> middle, Optional<Integer> late) {
    Needed with(int days, double chance) {
      return new Needed(
          first(early, days, chance >= UNLIKELY),
          first(middle, days, chance >= EVEN),
          first(late, days, chance >= LIKELY));
    }

    private static Optional<Integer> first(Optional<Integer> found, int days, boolean reached) {
      return found.isPresent() || !reached ? found : Optional.of(days);
    }
  }

  Forecast forecast() {
    return own.byDay().size() < Forecast.ENOUGH ? byPlan() : byOwnDays();
  }

  /** What the plan alone comes to; it knows no chances. */
  private Forecast byPlan() {
    int days = remaining();
    int open = Math.max(0, left - drawnToday);
    boolean falls = days == 0 ? open > 0 : known.holds() < (double) open / days;
    int reachable = falls ? drawnToday + (int) Math.floor(known.holds() * days) : left;
    return new Forecast(
        verdictOfPlan(falls),
        falls && known.dated() ? Forecast.Basis.SHORT_PLAN : Forecast.Basis.PLAN,
        Optional.empty(),
        plan,
        own.byDay().size(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        progress.done() - drawnToday + Math.min(left, reachable),
        moreByPlan(open - days * known.holds()),
        enough(),
        List.of());
  }

  private Forecast.Verdict verdictOfPlan(boolean falls) {
    if (!known.dated()) {
      return Forecast.Verdict.OPEN;
    }
    return falls ? Forecast.Verdict.OUT_OF_REACH : Forecast.Verdict.ON_PACE;
  }

  /** Days left after today's share, once today was drawn on. */
  private int remaining() {
    return Math.max(0, daysInTime - (drawnToday > 0 ? 1 : 0));
  }

  /** Drawing days that units beyond the last day take at what a day holds. */
  private Optional<Integer> moreByPlan(double beyond) {
    if (beyond <= 0 || Double.isNaN(beyond)) {
      return Optional.of(0);
    }
    double days = Math.ceil(beyond / known.holds() - 1e-9);
    return days > HORIZON ? Optional.empty() : Optional.of((int) days);
  }

  private Forecast byOwnDays() {
    var draws = new Days();
    var needed = new Needed(Optional.empty(), Optional.empty(), Optional.empty());
    double inTime = 0;
    int reachable = 0;
    while (true) {
      double chance = draws.chance();
      needed = needed.with(draws.days, chance);
      if (draws.days == daysInTime) {
        inTime = chance;
        reachable = draws.told.get(draws.days).reached(EVEN);
      }
      boolean told = draws.days >= daysInTime && (needed.late.isPresent() || !known.goesOn());
      if (told || draws.days == dates.size()) {
        return forecast(needed, inTime, reachable, draws.told);
      }
      draws.next();
    }
  }

  private Forecast forecast(Needed needed, double inTime, int reachable, List<Told> told) {
    int ownDays = own.byDay().size();
    return new Forecast(
        verdict(inTime),
        Forecast.Basis.OWN_DAYS,
        known.dated() ? Optional.of(inTime) : Optional.empty(),
        plan,
        ownDays,
        needed.early.map(this::date),
        needed.middle.map(this::date),
        needed.late.map(this::date),
        progress.done() - drawnToday + reachable,
        needed.middle.map(d -> Math.max(0, d - daysInTime)),
        enough(),
        fan(needed, told));
  }

  /** How many own days brought what each day left needs now. */
  private Optional<Wilson> enough() {
    int each = daysInTime == 0 ? left : (left + daysInTime - 1) / daysInTime;
    int days = own.byDay().size();
    int met = (int) own.byDay().values().stream().filter(n -> n >= each).count();
    return days == 0 ? Optional.empty() : Optional.of(Wilson.of(met, days));
  }

  private Forecast.Verdict verdict(double inTime) {
    if (!known.dated()) {
      return Forecast.Verdict.OPEN;
    }
    if (inTime >= LIKELY && progress.done() > progress.before().planned()) {
      return Forecast.Verdict.AHEAD;
    } else if (inTime >= EVEN) {
      return Forecast.Verdict.ON_PACE;
    }
    return inTime >= UNLIKELY ? Forecast.Verdict.SLIPPING : Forecast.Verdict.OUT_OF_REACH;
  }

  private LocalDate date(int days) {
    return days == 0 ? known.today() : dates.get(days - 1);
  }

  private List<Forecast.Reach> fan(Needed needed, List<Told> told) {
    int last = lastOfFan(needed);
    int before = progress.done() - drawnToday;
    var fan = new ArrayList<Forecast.Reach>();
    int shown = 0;
    for (int i = 1; i <= FAN_DATES; i++) {
      int day = Math.round((float) last * i / FAN_DATES);
      if (day > shown) {
        shown = day;
        var then = told.get(day);
        fan.add(
            new Forecast.Reach(
                dates.get(day - 1),
                before + then.reached(LIKELY),
                before + then.reached(EVEN),
                before + then.reached(UNLIKELY)));
      }
    }
    return fan;
  }

  private int lastOfFan(Needed needed) {
    if (!known.dated()) {
      return needed.late.orElse(daysInTime);
    }
    return known.goesOn() ? Math.max(daysInTime, needed.late.orElse(0)) : daysInTime;
  }

  /**
   * What may be drawn by the end of a day.
   *
   * @param certain units that today brought and the urn does not know
   */
  private record Told(PolyaUrn.Sums sums, int certain, int left) {
    double chance() {
      return left <= certain ? 1 : sums.atLeast(left - certain);
    }

    int reached(double probability) {
      return Math.min(left, certain + sums.reached(probability));
    }
  }

  /** The days drawn one after another, and what each told. */
  private final class Days {
    private final PolyaUrn.Draws draws = urn.draws(Math.max(1, left));
    private final List<Told> told = new ArrayList<>();
    private int days;

    Days() {
      tell();
    }

    void next() {
      days++;
      // A day that the urn does not know is no draw of it; it went in as what it is.
      if (!unseen || days > 1) {
        draws.next();
      }
      tell();
    }

    private void tell() {
      int certain = unseen && days > 0 ? drawnToday : 0;
      told.add(new Told(draws.sums(unseen ? 0 : drawnToday), certain, left));
    }

    double chance() {
      return told.get(days).chance();
    }
  }
}
