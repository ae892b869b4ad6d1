package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Something one-sided. Bounds are common practice, no published source.
 *
 * @param topic what it is about; empty for what concerns all drawing
 * @param resource the one resource, or what kind of resource they are; empty for other kinds
 * @param percent its share, 0 for other kinds
 * @param days since the last of what is missing, or since study; empty where there never was any
 */
public record BalanceRemark(
    Kind kind,
    Optional<String> topic,
    Optional<String> resource,
    int percent,
    Optional<Long> days) {
  private static final double MOST_FROM_ONE = 0.7;
  private static final int ENOUGH_MINUTES = 60;
  private static final int WINDOW = 28;
  private static final int FIVE_WEEKS = 35;
  private static final int ENOUGH_DAYS = 5;
  private static final int NEWLY = 42;
  private static final int APPLY_WITHIN = 14;
  private static final int MOST = 6;

  /** What is one-sided. */
  public enum Kind {
    /** All of a topic from one resource. */
    ONE_RESOURCE,
    /** All of a topic from several resources of one kind. */
    ONE_KIND,
    /** Nothing from life for five weeks. */
    NOTHING_FROM_LIFE,
    /** Nothing drawn freely for five weeks. */
    NOTHING_FREE,
    /** A topic newly studied and not put to use within a fortnight. */
    NOT_APPLIED
  }

  /**
   * Remarks of a day, at most {@value #MOST}.
   *
   * @param fromLife whether something was drawn from life
   * @param free whether something was drawn for liking alone
   * @param kindOf what kind of resource one is, by its name; empty where that was not told
   */
  public static List<BalanceRemark> on(
      LocalDate today,
      Ledger ledger,
      Predicate<Drawn> fromLife,
      Predicate<Drawn> free,
      Function<String, Optional<String>> kindOf) {
    var remarks = new ArrayList<BalanceRemark>();
    missing(Kind.NOTHING_FROM_LIFE, today, ledger, fromLife).ifPresent(remarks::add);
    missing(Kind.NOTHING_FREE, today, ledger, free).ifPresent(remarks::add);
    remarks.addAll(oneSided(ledger.between(today.minusDays(WINDOW - 1L), today), kindOf));
    remarks.addAll(notApplied(today, ledger));
    return remarks.stream().limit(MOST).toList();
  }

  private static Optional<BalanceRemark> missing(
      Kind kind, LocalDate today, Ledger ledger, Predicate<Drawn> wanted) {
    var days = ledger.minutes().byDay();
    var lately = days.tailMap(today.minusDays(FIVE_WEEKS - 1L));
    if (lately.size() < ENOUGH_DAYS
        || ChronoUnit.DAYS.between(days.firstKey(), today) < FIVE_WEEKS) {
      return Optional.empty();
    }
    var last = ledger.all().filter(wanted).map(Drawn::day).max(Comparator.naturalOrder());
    var since = last.map(day -> ChronoUnit.DAYS.between(day, today));
    return since.filter(s -> s < FIVE_WEEKS).isPresent()
        ? Optional.empty()
        : Optional.of(new BalanceRemark(kind, Optional.empty(), Optional.empty(), 0, since));
  }

  /** A topic that one resource gives has no second remark about its kind. */
  private static List<BalanceRemark> oneSided(
      List<Drawn> drawn, Function<String, Optional<String>> kindOf) {
    var remarks = oneSided(Kind.ONE_RESOURCE, drawn, Optional::of);
    var said = remarks.stream().map(BalanceRemark::topic).toList();
    oneSided(Kind.ONE_KIND, drawn, kindOf).stream()
        .filter(r -> !said.contains(r.topic()))
        .forEach(remarks::add);
    remarks.sort(Comparator.comparing(r -> r.topic.orElseThrow()));
    return remarks;
  }

  private static List<BalanceRemark> oneSided(
      Kind kind, List<Drawn> drawn, Function<String, Optional<String>> of) {
    var minutes = new TreeMap<String, Integer>();
    var parted = new HashMap<String, TreeMap<String, Integer>>();
    for (var d : drawn) {
      for (var topic : d.topics()) {
        minutes.merge(topic, d.minutes().minutes(), Integer::sum);
        d.learned()
            .resource()
            .flatMap(of)
            .ifPresent(
                part ->
                    parted
                        .computeIfAbsent(topic, t -> new TreeMap<>())
                        .merge(part, d.minutes().minutes(), Integer::sum));
      }
    }
    var remarks = new ArrayList<BalanceRemark>();
    parted.forEach(
        (topic, parts) ->
            parts.forEach(
                (part, m) -> {
                  int all = minutes.get(topic);
                  if (all >= ENOUGH_MINUTES && m > MOST_FROM_ONE * all) {
                    remarks.add(
                        new BalanceRemark(
                            kind,
                            Optional.of(topic),
                            Optional.of(part),
                            (int) Math.round(100. * m / all),
                            Optional.empty()));
                  }
                }));
    return remarks;
  }

  private static List<BalanceRemark> notApplied(LocalDate today, Ledger ledger) {
    var firstStudied = new TreeMap<String, LocalDate>();
    var lastUsed = new HashMap<String, LocalDate>();
    ledger
        .all()
        .forEach(
            d -> {
              for (var topic : d.topics()) {
                if (d.learned().purpose() == Drawn.Purpose.STUDY) {
                  firstStudied.putIfAbsent(topic, d.day());
                } else {
                  lastUsed.put(topic, d.day());
                }
              }
            });
    var remarks = new ArrayList<BalanceRemark>();
    firstStudied.forEach(
        (topic, first) -> {
          long days = ChronoUnit.DAYS.between(first, today);
          var used = lastUsed.get(topic);
          if (days > APPLY_WITHIN && days <= NEWLY && (used == null || used.isBefore(first))) {
            remarks.add(
                new BalanceRemark(
                    Kind.NOT_APPLIED, Optional.of(topic), Optional.empty(), 0, Optional.of(days)));
          }
        });
    remarks.sort(Comparator.comparing(r -> -r.days.orElseThrow()));
    return remarks;
  }
}
