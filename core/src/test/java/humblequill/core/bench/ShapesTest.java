package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.bench.Template.Landmark;
import humblequill.core.bench.Template.Layer;
import humblequill.core.bench.Template.Outline;
import humblequill.core.bench.Template.Part;
import humblequill.core.bench.Template.Taper;
import humblequill.core.book.picture.Spot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Narrowing forms and areas, against rectangles whose figures are known by hand. */
class ShapesTest {
  private static final Template LIMB =
      new Template(
          "limb",
          List.of("a", "b", "c", "d").stream()
              .map(n -> new Landmark(n, Layer.LIMBS, false))
              .toList(),
          List.of(
              new Part("above", "a", "b", Layer.LIMBS), new Part("below", "d", "c", Layer.LIMBS)),
          List.of(),
          Optional.empty(),
          List.of(),
          List.of(new Taper("limb", "above", "below")),
          List.of(new Outline("limb", List.of("a", "b", "c", "d"))));

  /** Two broad above and below, three high: an area of six. */
  private static final Map<String, Spot> STRAIGHT =
      Map.of("a", new Spot(0, 0), "b", new Spot(2, 0), "c", new Spot(2, 3), "d", new Spot(0, 3));

  private static Shapes shapes(Map<String, Spot> drawn, double scale) {
    return Shapes.of(LIMB, new Attempt(STRAIGHT, drawn, Set.of(), true, false), scale);
  }

  @Test
  void a_larger_copy_has_the_same_shape() {
    var twice = new HashMap<String, Spot>();
    STRAIGHT.forEach((n, p) -> twice.put(n, new Spot(5 + 2 * p.x(), 7 + 2 * p.y())));
    var shapes = shapes(twice, 0.5);
    assertThat(shapes.tapers().get("limb")).isCloseTo(1, within(1e-12));
    assertThat(shapes.areas().get("limb")).isCloseTo(1, within(1e-12));
  }

  /** One broad below instead of two: the trapezoid has (2 + 1) / 2 × 3 = 4.5. */
  @Test
  void a_narrower_end_is_told_and_so_is_the_lost_area() {
    var drawn = new HashMap<>(STRAIGHT);
    drawn.put("c", new Spot(1.5, 3));
    drawn.put("d", new Spot(0.5, 3));
    var shapes = shapes(drawn, 1);
    assertThat(shapes.tapers().get("limb")).isCloseTo(0.5, within(1e-12));
    assertThat(shapes.areas().get("limb")).isCloseTo(0.75, within(1e-12));
  }

  @Test
  void what_is_missing_or_has_no_breadth_tells_nothing() {
    var drawn = new HashMap<>(STRAIGHT);
    drawn.remove("c");
    assertThat(shapes(drawn, 1)).isEqualTo(new Shapes(Map.of(), Map.of()));
    drawn.put("c", drawn.get("d"));
    assertThat(shapes(drawn, 1).tapers()).isEmpty();
  }

  @Test
  void an_outline_goes_around_something() {
    assertThatThrownBy(() -> new Outline("line", List.of("a", "b")))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
