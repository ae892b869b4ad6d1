package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class FreshnessTest {
  private static final LocalDate DAY = LocalDate.of(2026, 1, 1);

  private static Freshness after(int today, FreshnessRule rule, Integer... days) {
    return Freshness.on(DAY.plusDays(today), days(List.of(days)), rule).orElseThrow();
  }

  private static TreeSet<LocalDate> days(Iterable<Integer> numbers) {
    var days = new TreeSet<LocalDate>();
    numbers.forEach(n -> days.add(DAY.plusDays(n)));
    return days;
  }

  /** Exact fractions: anchors 0, 4 and 8; 2^(−21/90) = .850667. */
  @Test
  void two_returns_double_the_half_life() {
    var fresh = after(29, FreshnessRule.USUAL, 0, 2, 4, 6, 8);
    assertThat(fresh.returns()).isEqualTo(2);
    assertThat(fresh.halfLifeDays()).isEqualTo(90);
    assertThat(fresh.value()).isCloseTo(.850667, within(5e-7));
  }

  /** With a half-life of 14 days the same practice gives 28 and .594604. */
  @Test
  void a_shorter_half_life() {
    var fresh = after(29, new FreshnessRule(14, .7, .5), 0, 2, 4, 6, 8);
    assertThat(fresh.halfLifeDays()).isEqualTo(28);
    assertThat(fresh.value()).isCloseTo(.594604, within(5e-7));
  }

  @Test
  void practised_once_it_is_half_as_fresh_after_the_half_life() {
    assertThat(after(45, FreshnessRule.USUAL, 0).value()).isCloseTo(.5, within(1e-12));
    assertThat(after(0, FreshnessRule.USUAL, 0).value()).isEqualTo(1);
    assertThat(Freshness.on(DAY, days(List.of(1)), FreshnessRule.USUAL)).isEmpty();
  }

  @Test
  void the_half_life_ends_at_a_year() {
    var days = new TreeSet<LocalDate>();
    for (int i = 0; i < 40; i++) {
      days.add(DAY.plusDays(7L * i));
    }
    assertThat(Freshness.on(DAY.plusDays(300), days, FreshnessRule.USUAL).orElseThrow())
        .returns(365., Freshness::halfLifeDays);
  }

  @Property
  void practice_more_never_makes_less_fresh(
      @ForAll @Size(min = 1, max = 25) Set<@IntRange(max = 200) Integer> practised,
      @ForAll @IntRange(max = 200) int extra,
      @ForAll @IntRange(min = 200, max = 400) int today) {
    var before = Freshness.on(DAY.plusDays(today), days(practised), FreshnessRule.USUAL);
    var more = practised.stream().collect(Collectors.toSet());
    more.add(extra);
    var after = Freshness.on(DAY.plusDays(today), days(more), FreshnessRule.USUAL);
    assertThat(after.orElseThrow().value()).isGreaterThanOrEqualTo(before.orElseThrow().value());
  }

  @Property
  void a_day_more_never_makes_fresher(
      @ForAll @Size(min = 1, max = 25) Set<@IntRange(max = 200) Integer> practised,
      @ForAll @IntRange(min = 200, max = 400) int today) {
    var now = Freshness.on(DAY.plusDays(today), days(practised), FreshnessRule.USUAL);
    var later = Freshness.on(DAY.plusDays(today + 1L), days(practised), FreshnessRule.USUAL);
    assertThat(later.orElseThrow().value()).isLessThan(now.orElseThrow().value());
  }

  @Test
  void a_rule_that_cannot_be_is_refused() {
    assertThatThrownBy(() -> new FreshnessRule(6, .7, .5)).hasMessageContaining("6");
    assertThatThrownBy(() -> new FreshnessRule(45, .5, .7)).hasMessageContaining("0.7");
    assertThatThrownBy(() -> new FreshnessRule(45, .7, Double.NaN)).hasMessageContaining("NaN");
  }
}
