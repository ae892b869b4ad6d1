package humblequill.core.book.piece;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Minutes;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PieceTest {
  private static Stage stage(int n, boolean passed) {
    return new Stage(new UUID(0, n), "stage " + n, "?", passed, List.of(), Optional.empty());
  }

  private static Piece piece(List<Boolean> passed) {
    var stages = new ArrayList<Stage>();
    for (int i = 0; i < passed.size(); i++) {
      stages.add(stage(i, passed.get(i)));
    }
    return new Piece(stages);
  }

  /** Gates are passed one after the other: common practice, no published source. */
  @Property
  void stages_are_passed_in_their_order(@ForAll @Size(min = 1, max = 20) List<Boolean> passed) {
    int first = passed.indexOf(false);
    boolean inOrder = first < 0 || !passed.subList(first, passed.size()).contains(true);
    var piece = piece(passed);
    assertThat(piece.slip().isEmpty()).isEqualTo(inOrder);
    assertThat(piece.passed()).isEqualTo((int) passed.stream().filter(p -> p).count());
    assertThat(piece.current().map(Stage::name))
        .isEqualTo(first < 0 ? Optional.empty() : Optional.of("stage " + first));
  }

  @Test
  void what_cannot_be_is_named() {
    assertThat(piece(List.of()).slip()).contains(Piece.Slip.STAGES);
    assertThat(new Piece(List.of(stage(1, false), stage(1, false))).slip())
        .contains(Piece.Slip.TWICE);
    var elsewhere =
        new Stage(
            new UUID(0, 1),
            "thumbnails",
            "",
            false,
            List.of(new UUID(1, 1)),
            Optional.of(new UUID(1, 2)));
    assertThat(new Piece(List.of(elsewhere)).slip()).contains(Piece.Slip.CHOSEN_ELSEWHERE);
  }

  @Test
  void every_template_that_ships_asks_at_each_gate() {
    for (var template : ShippedTemplates.ALL) {
      assertThat(template.stages()).hasSizeBetween(2, Piece.MOST_STAGES);
      assertThat(template.stages()).allMatch(s -> s.gate().endsWith("?"));
    }
  }

  private static Drawn drawn(int day, int minutes) {
    return new Drawn(
        UUID.randomUUID(),
        LocalDate.of(2026, 3, day),
        "crane",
        Optional.empty(),
        Optional.empty(),
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        new Minutes(minutes, false),
        0,
        0,
        0,
        Drawn.Learned.NOTHING);
  }

  /** Summed by hand: 20 + 5 + 30 on two days. */
  @Test
  void what_was_spent_is_the_sum_of_its_entries() {
    var spent = Spent.on(List.of(drawn(4, 20), drawn(2, 5), drawn(4, 30)));
    assertThat(spent.minutes()).isEqualTo(55);
    assertThat(spent.days()).isEqualTo(2);
    assertThat(spent.first()).contains(LocalDate.of(2026, 3, 2));
    assertThat(spent.last()).contains(LocalDate.of(2026, 3, 4));
    assertThat(Spent.on(List.of()).last()).isEmpty();
  }
}
