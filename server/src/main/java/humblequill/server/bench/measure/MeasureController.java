package humblequill.server.bench.measure;

import humblequill.core.bench.measure.EyeLevel;
import humblequill.core.bench.measure.EyeLevel.Edge;
import humblequill.core.bench.measure.HeadsTall;
import humblequill.core.bench.measure.SquareGrid;
import humblequill.core.bench.measure.Triangulation;
import humblequill.core.bench.measure.Units;
import humblequill.core.book.picture.Spot;
import humblequill.server.ground.edge.PaperSize;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Measuring helps: nothing is kept. */
@RestController
@RequestMapping("/api/measure")
class MeasureController {
  private static final double MIDDLE = 0.5;

  /**
   * A grid over reference and paper.
   *
   * @param paperWidth in millimetres
   * @param paperHeight in millimetres
   * @param enlarges how many times larger the drawing becomes, the reference in millimetres
   */
  record GridView(SquareGrid grid, double paperWidth, double paperHeight, double enlarges) {}

  @GetMapping("/grid")
  GridView grid(
      @RequestParam @DecimalMin("0.1") @DecimalMax("100000") double width,
      @RequestParam @DecimalMin("0.1") @DecimalMax("100000") double height,
      @RequestParam @Size(max = 60) String paper,
      @RequestParam @DecimalMin("0") @DecimalMax("500") double margin,
      @RequestParam @Min(1) @Max(SquareGrid.MOST) int columns) {
    var sheet = PaperSize.read(paper);
    var grid =
        Refusal.unless(
            "margin",
            margin,
            () -> SquareGrid.of(width, height, sheet.widthMm(), sheet.heightMm(), margin, columns));
    return new GridView(grid, sheet.widthMm(), sheet.heightMm(), grid.enlarges());
  }

  /** The grid to print or to lay under the sheet, in true size. */
  @GetMapping(path = "/grid.pdf", produces = "application/pdf")
  ResponseEntity<byte[]> pdf(
      @RequestParam @DecimalMin("0.1") @DecimalMax("100000") double width,
      @RequestParam @DecimalMin("0.1") @DecimalMax("100000") double height,
      @RequestParam @Size(max = 60) String paper,
      @RequestParam @DecimalMin("0") @DecimalMax("500") double margin,
      @RequestParam @Min(1) @Max(SquareGrid.MOST) int columns)
      throws IOException {
    var view = grid(width, height, paper, margin, columns);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"grid.pdf\"")
        .body(GridPdf.of(view.grid(), view.paperWidth(), view.paperHeight()));
  }

  @GetMapping("/heads")
  HeadsTall heads(
      @RequestParam @Size(max = 60) String paper,
      @RequestParam @DecimalMin("0") @DecimalMax("500") double margin,
      @RequestParam @DecimalMin("3") @DecimalMax("10") double heads) {
    return Refusal.unless(
        "margin", margin, () -> HeadsTall.on(PaperSize.read(paper).heightMm(), margin, heads));
  }

  /**
   * A third point.
   *
   * @param error farthest it moves when each angle is read wrong by a degree; null where it may lie
   *     anywhere
   */
  record ThirdPoint(double along, double up, @Nullable Double error) {}

  @GetMapping("/triangulation")
  ThirdPoint triangulation(
      @RequestParam @DecimalMin("0.001") @DecimalMax("100000") double base,
      @RequestParam @DecimalMin("0.1") @DecimalMax("179.9") double first,
      @RequestParam @DecimalMin("0.1") @DecimalMax("179.9") double second) {
    var found = Refusal.unless("second", second, () -> Triangulation.of(base, first, second));
    return new ThirdPoint(
        found.along(), found.up(), Double.isFinite(found.error()) ? found.error() : null);
  }

  /**
   * Eye level and the places where edges meet.
   *
   * @param left null where the first two edges are parallel in the picture
   * @param right null where the other two are
   * @param degrees of the eye level against level; null without both
   * @param down where it crosses the middle of a picture that is 1 broad; null without both
   */
  record EyeLevelView(
      @Nullable Spot left, @Nullable Spot right, @Nullable Double degrees, @Nullable Double down) {}

  /** Of four edges, each told as x and y of its two ends. */
  @GetMapping("/eye-level")
  EyeLevelView eyeLevel(@RequestParam @Size(min = 16, max = 16) List<Double> edges) {
    var e = new Edge[4];
    for (int i = 0; i < e.length; i++) {
      e[i] = new Edge(spot(edges, 2 * i), spot(edges, 2 * i + 1));
    }
    var found = EyeLevel.of(e[0], e[1], e[2], e[3]);
    return new EyeLevelView(
        found.left().orElse(null),
        found.right().orElse(null),
        found.degrees().orElse(null),
        found.downAt(MIDDLE).orElse(null));
  }

  /** How many of a unit a length has; a head as unit gives heads tall. */
  record InUnits(double count) {}

  /** Of a unit and a length, each told as x and y of its two ends. */
  @GetMapping("/units")
  InUnits units(@RequestParam @Size(min = 8, max = 8) List<Double> ends) {
    return Refusal.unless(
        "unit",
        "",
        () -> new InUnits(Units.count(spot(ends, 0), spot(ends, 1), spot(ends, 2), spot(ends, 3))));
  }

  private static Spot spot(List<Double> numbers, int i) {
    return new Spot(numbers.get(2 * i), numbers.get(2 * i + 1));
  }
}
