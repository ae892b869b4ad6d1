package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What all else counts from, by hand. */
class LedgerTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private final Drawn hulls = Drawns.of(MONDAY, "hulls", 9, 20);
  private final Drawn gulls = Drawns.of(MONDAY, "gulls", 4, 10);
  private final Drawn later = Drawns.of(MONDAY.plusDays(3), "hulls", 2, 5);
  private final Ledger ledger = Ledger.of(List.of(later, hulls, gulls));

  @Test
  void entries_come_by_day_and_within_it_as_they_were_given() {
    assertThat(ledger.all()).containsExactly(hulls, gulls, later);
    assertThat(ledger.between(MONDAY, MONDAY)).containsExactly(hulls, gulls);
    assertThat(ledger.between(MONDAY.plusDays(1), MONDAY.plusDays(3))).containsExactly(later);
    assertThat(ledger.between(MONDAY.plusDays(3), MONDAY)).isEmpty();
    assertThat(ledger.since(MONDAY.plusDays(1))).containsExactly(later);
  }

  @Test
  void minutes_are_summed_by_day_and_by_topic() {
    assertThat(ledger.minutes().on(MONDAY)).isEqualTo(30);
    assertThat(ledger.minutesOf("hulls").total()).isEqualTo(25);
    assertThat(ledger.minutesOf("gulls").on(MONDAY)).isEqualTo(10);
    assertThat(ledger.minutesOf("cats")).isEqualTo(Tally.NONE);
    assertThat(ledger.topicsTouched()).containsExactlyInAnyOrder("hulls", "gulls");
  }

  @Test
  void a_placement_has_its_own() {
    assertThat(ledger.of(new UUID(0, 1))).containsExactly(hulls, gulls, later);
    assertThat(ledger.of(new UUID(0, 2))).isEmpty();
  }

  @Test
  void a_day_written_anew_replaces_what_stood_on_it_and_nothing_else() {
    var cats = Drawns.of(MONDAY, "cats", 1, 7);
    var anew = ledger.with(Set.of(MONDAY), List.of(cats));
    assertThat(anew.all()).containsExactly(cats, later);
    assertThat(anew.minutes().on(MONDAY)).isEqualTo(7);
    assertThat(anew.minutesOf("gulls").total()).isZero();
    assertThat(ledger.all()).as("the first is as it was").containsExactly(hulls, gulls, later);
    var emptied = ledger.with(Set.of(MONDAY), List.of());
    assertThat(emptied.minutes().has(MONDAY)).isFalse();
    assertThat(emptied.all()).containsExactly(later);
  }

  private static Drawn without(Set<String> topics) {
    return new Drawn(
        new UUID(0, 7),
        MONDAY,
        "note",
        Optional.empty(),
        Optional.empty(),
        topics,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        new Minutes(0, false),
        0,
        0,
        0,
        Drawn.Learned.NOTHING);
  }

  /** "No cranes today, ill" is kept and is no practice. */
  @Test
  void a_note_by_itself_is_left_out() {
    assertThat(Ledger.of(List.of(without(Set.of()))).all()).isEmpty();
    assertThat(Ledger.of(List.of(without(Set.of()))).minutes().has(MONDAY)).isFalse();
  }

  @Test
  void the_most_of_one_entry_is_known() {
    assertThat(ledger.mostDrawings()).isEqualTo(9);
    assertThat(ledger.mostMinutes()).isEqualTo(20);
    assertThat(ledger.size()).isEqualTo(3);
  }

  @Test
  void a_day_whose_entries_tell_no_length_is_there() {
    var untold = without(Set.of("hulls"));
    var one = Ledger.of(List.of(untold));
    assertThat(one.minutes().has(MONDAY)).isTrue();
    assertThat(one.minutes().on(MONDAY)).isZero();
    assertThat(untold.minutesTold()).isEmpty();
    assertThat(hulls.minutesTold()).contains(20);
  }

  /** The one rule: as told, else drawings at the planned pace, else unknown. */
  @ParameterizedTest
  @CsvSource({
    "20, 9, 60, 20, true",
    "20, , , 20, true",
    ", 9, 90, 14, false",
    ", 1, 29, 0, false",
    ", 1, 30, 1, false",
    ", 9999, 28800, 1440, false",
    ", 9, , 0, false",
    ", , 90, 0, false"
  })
  void minutes_of_an_entry(
      Integer told, Integer drawings, Integer each, int minutes, boolean said) {
    assertThat(
            Minutes.of(
                Optional.ofNullable(told),
                Optional.ofNullable(drawings),
                Optional.ofNullable(each)))
        .isEqualTo(new Minutes(minutes, said));
  }

  @Test
  void minutes_have_bounds() {
    assertThatThrownBy(() -> new Minutes(-1, true)).hasMessageContaining("-1");
    assertThatThrownBy(() -> new Minutes(1441, true)).hasMessageContaining("1441");
    assertThat(new Minutes(1440, true).minutes()).isEqualTo(1440);
  }
}
