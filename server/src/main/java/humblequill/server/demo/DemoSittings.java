package humblequill.server.demo;

import humblequill.core.day.entry.Drawn;
import humblequill.core.sitting.PastSitting;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.sitting.PastSittings;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Sittings of the made-up learner: when, where and how they felt. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoSittings {
  private static final int DAYS = 90;
  private static final int LONG = 45;

  private static final List<String> CUES =
      List.of("after the lamp is lit", "after I locked up the bicycle", "before the ferry leaves");
  private static final List<String> PLACES =
      List.of("kitchen table", "the bench outside", "on the quay");
  private static final List<LocalTime> TIMES =
      List.of(LocalTime.of(7, 10), LocalTime.of(17, 40), LocalTime.of(13, 15));

  private final PastSittings sittings;
  private final EntryLedger ledger;

  DemoSittings(PastSittings sittings, EntryLedger ledger) {
    this.sittings = sittings;
    this.ledger = ledger;
  }

  /** One sitting for two in three of the days on which something was drawn lately. */
  void make(LocalDate today) {
    var random = new Random(16);
    var drawn = ledger.read();
    for (int ago = DAYS; ago > 0; ago--) {
      var day = today.minusDays(ago);
      var entry =
          drawn.between(day, day).stream()
              .filter(d -> d.minutesTold().filter(m -> m > 0).isPresent())
              .max(Comparator.comparing(d -> d.minutes().minutes()));
      if (entry.isPresent() && random.nextInt(3) > 0) {
        make(entry.get(), random);
      }
    }
  }

  private void make(Drawn d, Random random) {
    int minutes = d.minutes().minutes();
    int first = minutes > LONG ? LONG : minutes;
    int kind = random.nextInt(10) < 5 ? 0 : random.nextInt(10) < 7 ? 1 : 2;
    int dread = 1 + random.nextInt(4);
    int before = 2 + random.nextInt(3);
    int tired = minutes > LONG ? -1 : random.nextInt(2);
    var felt =
        new PastSitting.Felt(
            OptionalInt.of(before),
            OptionalInt.of(Math.max(1, Math.min(5, before + tired))),
            OptionalInt.of(dread),
            OptionalInt.of(Math.max(1, dread - (random.nextInt(3) > 0 ? 1 : 0))));
    sittings.remember(
        d.entry(),
        new PastSitting(
            d.day(),
            TIMES.get(kind),
            minutes,
            Duration.ofMinutes(first),
            1,
            false,
            false,
            OptionalInt.empty(),
            felt,
            random.nextInt(5) == 0 ? Optional.empty() : Optional.of(CUES.get(kind)),
            Optional.of(PLACES.get(random.nextInt(4) == 0 ? random.nextInt(3) : kind))),
        List.of(first, minutes - first),
        d.topics().stream().sorted().findFirst().orElse(d.called()));
  }
}
