package humblequill.core.book.piece;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/**
 * One drawing over several days. Stages come one after the other: the next is offered when the gate
 * of the one before was passed. Common practice, no published source: what is wrong at the
 * foundation is not put right by detail.
 *
 * @param stages at least one, at most {@value #MOST_STAGES}
 */
public record Piece(List<Stage> stages) {
  /** More stages than this are no plan for one drawing. */
  public static final int MOST_STAGES = 20;

  public Piece {
    stages = List.copyOf(stages);
  }

  /** What is wrong with a piece. */
  public enum Slip {
    /** It has no stage, or too many. */
    STAGES,
    /** Two stages are one and the same. */
    TWICE,
    /** A stage was passed before the one that comes before it. */
    OUT_OF_ORDER,
    /** The picture chosen is none of the stage's own. */
    CHOSEN_ELSEWHERE
  }

  /** What is wrong with it; empty if nothing is. */
  public Optional<Slip> slip() {
    if (stages.isEmpty() || stages.size() > MOST_STAGES) {
      return Optional.of(Slip.STAGES);
    }
    var ids = new HashSet<>();
    boolean open = false;
    for (var stage : stages) {
      if (!ids.add(stage.id())) {
        return Optional.of(Slip.TWICE);
      }
      if (stage.passed() && open) {
        return Optional.of(Slip.OUT_OF_ORDER);
      }
      if (stage.chosen().isPresent() && !stage.variants().contains(stage.chosen().get())) {
        return Optional.of(Slip.CHOSEN_ELSEWHERE);
      }
      open |= !stage.passed();
    }
    return Optional.empty();
  }

  /** The stage under way; empty once all gates were passed. */
  public Optional<Stage> current() {
    return stages.stream().filter(s -> !s.passed()).findFirst();
  }

  /** How many gates were passed. */
  public int passed() {
    return (int) stages.stream().filter(Stage::passed).count();
  }
}
