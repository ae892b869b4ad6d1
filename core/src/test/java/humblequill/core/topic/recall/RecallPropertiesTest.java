package humblequill.core.topic.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/** What holds for all plates, orders and days. */
class RecallPropertiesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  @Provide
  Arbitrary<List<DueToday.Item>> items() {
    var item =
        Combinators.combine(
                Arbitraries.integers().between(0, 500),
                Arbitraries.integers().between(-40, 40),
                Arbitraries.of(6, 40, 64, 160, 180))
            .as(
                (id, due, seconds) ->
                    new DueToday.Item(
                        "i" + id,
                        new Asking(0, TODAY.minusDays(50), TODAY.plusDays(due)),
                        seconds));
    return item.list().ofMaxSize(60).uniqueElements(DueToday.Item::id);
  }

  /**
   * Domain.md 15: at most five minutes a day; what waits longest comes first, as far as it fits.
   */
  @Property
  void the_choice_of_a_day_is_that_of_going_through_all_in_the_order_of_their_days(
      @ForAll("items") List<DueToday.Item> items, @ForAll @IntRange(max = 320) int spent) {
    var oneByOne = new ArrayList<DueToday.Item>();
    int left = 300 - spent;
    for (var item :
        items.stream()
            .filter(i -> !i.asking().due().isAfter(TODAY))
            .sorted(
                Comparator.comparing((DueToday.Item i) -> i.asking().due())
                    .thenComparing(DueToday.Item::id))
            .toList()) {
      if (item.seconds() <= left) {
        oneByOne.add(item);
        left -= item.seconds();
      }
    }
    assertThat(DueToday.of(items, TODAY, spent)).isEqualTo(oneByOne);
  }

  /** As many steps as the longest row among them that rises, by trying every choice of steps. */
  @Property
  void steps_right_are_the_most_that_need_not_be_moved(
      @ForAll @IntRange(min = 2, max = 8) int steps,
      @ForAll @Size(max = 8) List<@IntRange(max = 9) Integer> said) {
    var order =
        new StepOrder(
            "o", "O", List.of(), IntStream.range(0, steps).mapToObj(i -> "step " + i).toList());
    var known = said.stream().filter(i -> i < steps).distinct().toList();
    int most = 0;
    for (int choice = 0; choice < 1 << known.size(); choice++) {
      int bits = choice;
      var chosen =
          IntStream.range(0, known.size())
              .filter(i -> (bits >> i & 1) == 1)
              .map(known::get)
              .toArray();
      boolean rises = IntStream.range(1, chosen.length).allMatch(i -> chosen[i - 1] < chosen[i]);
      most = Math.max(most, rises ? chosen.length : 0);
    }
    assertThat(order.right(said.stream().map(i -> "step " + i).toList())).isEqualTo(most);
  }

  /** A placed pin is right within its reach of the longer side, whichever side that is. */
  @Property
  void a_pin_reaches_as_far_across_as_down(
      @ForAll @DoubleRange(min = 0.1, max = 10) double ratio,
      @ForAll @DoubleRange(min = 0, max = 6.28) double way,
      @ForAll @DoubleRange(min = 0.01, max = 0.3) double reach) {
    var pin = new Pin("a", "keel", "", List.of(), 0.5, 0.5, reach);
    double width = ratio >= 1 ? 1 : ratio;
    double height = ratio >= 1 ? 1 / ratio : 1;
    for (double part : new double[] {0.99, 1.01}) {
      double x = 0.5 + Math.cos(way) * reach * part / width;
      double y = 0.5 + Math.sin(way) * reach * part / height;
      assertThat(pin.isAt(x, y, ratio)).isEqualTo(part < 1);
    }
  }

  /** No wording is right for two pins: a plate is refused as soon as two sets of wordings meet. */
  @Property
  void wordings_of_a_plate_never_meet(
      @ForAll @Size(min = 2, max = 5)
          List<@Size(min = 1, max = 3) List<@IntRange(max = 12) Integer>> wordings) {
    var seen = new HashSet<Integer>();
    boolean meet =
        wordings.stream().anyMatch(w -> new HashSet<>(w).stream().anyMatch(i -> !seen.add(i)));
    var pins =
        IntStream.range(0, wordings.size())
            .mapToObj(
                p -> {
                  var names = wordings.get(p).stream().map(i -> "name " + i).toList();
                  return new Pin(
                      "p" + p, names.get(0), "", names.subList(1, names.size()), 0.5, 0.5, 0.04);
                })
            .toList();
    if (meet) {
      assertThatThrownBy(() -> new Plate("x", "X", List.of(), 1, pins))
          .hasMessageContaining("topic.rightForTwo");
    } else {
      assertThat(new Plate("x", "X", List.of(), 1, pins).pins()).hasSize(wordings.size());
    }
  }

  /** Whatever happened before, a plate is asked for later the longer it was there. */
  @Property
  void what_was_there_longer_is_asked_for_later(
      @ForAll @IntRange(max = 6) int step,
      @ForAll @IntRange(max = 400) int gap,
      @ForAll @IntRange(min = 1, max = 400) int more) {
    var asked = new Asking(step, TODAY, TODAY.plusDays(Asking.SPANS.get(step)));
    var sooner = asked.after(Asking.Result.RIGHT, TODAY.plusDays(gap));
    var later = asked.after(Asking.Result.RIGHT, TODAY.plusDays(gap + more));
    assertThat(later.step()).isGreaterThanOrEqualTo(sooner.step());
    assertThat(SpeaksFor.held(later)).isGreaterThanOrEqualTo(SpeaksFor.held(sooner));
  }
}
