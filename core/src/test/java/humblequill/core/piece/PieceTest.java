package humblequill.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
}
