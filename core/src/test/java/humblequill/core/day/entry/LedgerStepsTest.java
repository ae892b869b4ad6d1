package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** A ledger that grew day by day, and was asked on the way, says what the entries add up to. */
class LedgerStepsTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final List<String> TOPICS = List.of("hulls", "gulls", "cranes");
  private static final List<String> BOOKS = List.of("Quay book", "Harbour book");

  /** Days written anew, and what stands on them from then on. */
  record Step(Set<LocalDate> days, List<Drawn> drawn) {}

  private static Arbitrary<LocalDate> day() {
    return Arbitraries.integers().between(0, 4).map(MONDAY::plusDays);
  }

  private static Arbitrary<Drawn> drawn() {
    return Combinators.combine(
            day(),
            Arbitraries.of(TOPICS).set().ofMaxSize(2),
            Arbitraries.of(BOOKS).optional(),
            Arbitraries.integers().between(1, 2).map(n -> new UUID(0, n)).optional(),
            Arbitraries.integers().between(1, 9),
            Arbitraries.integers().between(0, 60))
        .as(LedgerStepsTest::drawn);
  }

  private static Drawn drawn(
      LocalDate day,
      Set<String> topics,
      Optional<String> book,
      Optional<UUID> placement,
      int drawings,
      int minutes) {
    return new Drawn(
        UUID.randomUUID(),
        day,
        "study",
        placement,
        placement.map(p -> "hy-7-1"),
        topics,
        Optional.empty(),
        Optional.empty(),
        book,
        Optional.of(drawings),
        new Minutes(minutes, true),
        0,
        0,
        0,
        Drawn.Learned.NOTHING);
  }

  @Provide
  Arbitrary<List<Step>> steps() {
    var step =
        drawn()
            .list()
            .ofMaxSize(5)
            .flatMap(
                drawn ->
                    day()
                        .set()
                        .ofMaxSize(2)
                        .map(
                            more -> {
                              var days = new HashSet<>(more);
                              drawn.forEach(d -> days.add(d.day()));
                              return new Step(days, drawn);
                            }));
    return step.list().ofMinSize(1).ofMaxSize(6);
  }

  @Property(tries = 300)
  void what_is_looked_up_is_what_stands_on_the_days(@ForAll("steps") List<Step> steps) {
    var ledger = Ledger.EMPTY;
    var stands = new TreeMap<LocalDate, List<Drawn>>();
    for (var step : steps) {
      ledger = ledger.with(step.days(), step.drawn());
      step.days().forEach(day -> stands.put(day, new ArrayList<>()));
      step.drawn().stream().filter(Drawn::isPractice).forEach(d -> stands.get(d.day()).add(d));
      compare(ledger, stands.values().stream().flatMap(List::stream).toList());
    }
  }

  /** By loops over all entries. */
  private static void compare(Ledger ledger, List<Drawn> all) {
    var books = new HashMap<String, List<Drawn>>();
    Map<UUID, List<Drawn>> placements = new HashMap<>();
    var topics = new HashSet<String>();
    int mostDrawings = 0;
    int mostMinutes = 0;
    for (var d : all) {
      d.book().ifPresent(b -> books.computeIfAbsent(b, k -> new ArrayList<>()).add(d));
      d.placement().ifPresent(p -> placements.computeIfAbsent(p, k -> new ArrayList<>()).add(d));
      topics.addAll(d.topics());
      mostDrawings = Math.max(mostDrawings, d.drawings().orElse(0));
      mostMinutes = Math.max(mostMinutes, d.minutes().minutes());
    }
    assertThat(ledger.size()).isEqualTo(all.size());
    assertThat(ledger.mostDrawings()).isEqualTo(mostDrawings);
    assertThat(ledger.mostMinutes()).isEqualTo(mostMinutes);
    assertThat(ledger.byBook()).isEqualTo(books);
    assertThat(ledger.topicsTouched()).isEqualTo(topics);
    for (int n = 1; n <= 2; n++) {
      assertThat(ledger.of(new UUID(0, n)))
          .isEqualTo(placements.getOrDefault(new UUID(0, n), List.of()));
    }
    for (var topic : TOPICS) {
      for (int n = 0; n <= 4; n++) {
        var day = MONDAY.plusDays(n);
        var mine =
            all.stream().filter(d -> d.topics().contains(topic) && d.day().equals(day)).toList();
        assertThat(ledger.minutesOf(topic).has(day)).isEqualTo(!mine.isEmpty());
        assertThat(ledger.minutesOf(topic).on(day))
            .isEqualTo(mine.stream().mapToInt(d -> d.minutes().minutes()).sum());
      }
    }
  }
}
