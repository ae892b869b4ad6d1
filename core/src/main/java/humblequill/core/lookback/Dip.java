package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Marks that fell when something new was taken up, as they often do. Common practice, no published
 * source: it is told beside the marks, and not as what caused it.
 *
 * @param topic what was new
 * @param from the day on which it was first drawn
 * @param before mean mark of the three weeks before
 * @param after mean mark of the three weeks from then on
 * @param endedAfter weeks until three weeks in a row were as good as before; empty while they are
 *     not
 */
public record Dip(
    String topic, LocalDate from, double before, double after, OptionalInt endedAfter) {
  /** Days that are held against each other. */
  static final int SPAN = 21;

  /** Marks that each side needs. */
  static final int ENOUGH = 4;

  /** By how much they fall. */
  static final double FALL = 0.5;

  /** Minutes of the new topic within these days; less is no new layer. */
  static final int LEAST_MINUTES = 60;

  private static final int WEEK = 7;

  /**
   * All dips, the oldest first; of several topics taken up at once the one drawn most. In the first
   * three weeks of a record everything is written down for the first time, which does not make it
   * new.
   */
  public static List<Dip> of(Ledger ledger, LocalDate today) {
    var dips = new ArrayList<Dip>();
    var knownFrom = ledger.all().findFirst().map(d -> d.day().plusDays(SPAN));
    for (var topic : ledger.topicsTouched()) {
      var days = ledger.minutesOf(topic).byDay();
      var first = days.firstKey();
      if (knownFrom.filter(first::isBefore).isPresent()) {
        continue;
      }
      int minutes = days.headMap(first.plusDays(SPAN)).values().stream().mapToInt(m -> m).sum();
      var before = mark(ledger, first.minusDays(SPAN), first);
      var after = mark(ledger, first, first.plusDays(SPAN));
      if (minutes >= LEAST_MINUTES
          && before.isPresent()
          && after.isPresent()
          && before.get() - after.get() >= FALL) {
        dips.add(
            new Dip(
                topic,
                first,
                before.get(),
                after.get(),
                ended(ledger, first, before.get(), today)));
      }
    }
    dips.sort(
        Comparator.comparing(Dip::from)
            .thenComparing(d -> -ledger.minutesOf(d.topic()).byDay().get(d.from())));
    var told = new ArrayList<Dip>();
    for (var dip : dips) {
      boolean within =
          !told.isEmpty() && dip.from().isBefore(told.get(told.size() - 1).from().plusDays(SPAN));
      if (!within) {
        told.add(dip);
      }
    }
    return told;
  }

  private static Optional<Double> mark(Ledger ledger, LocalDate from, LocalDate before) {
    var marks =
        ledger.between(from, before.minusDays(1)).stream()
            .mapToInt(Drawn::mark)
            .filter(m -> m > 0)
            .toArray();
    double sum = 0;
    for (int m : marks) {
      sum += m;
    }
    return marks.length < ENOUGH ? Optional.empty() : Optional.of(sum / marks.length);
  }

  private static OptionalInt ended(Ledger ledger, LocalDate first, double before, LocalDate today) {
    for (var from = first.plusDays(WEEK);
        !from.plusDays(SPAN).isAfter(today.plusDays(1));
        from = from.plusDays(WEEK)) {
      if (mark(ledger, from, from.plusDays(SPAN)).filter(m -> m >= before).isPresent()) {
        return OptionalInt.of((int) (ChronoUnit.DAYS.between(first, from) / WEEK));
      }
    }
    return OptionalInt.empty();
  }
}
