package humblequill.server.demo;

import humblequill.core.bench.Quantity;
import humblequill.core.bench.Way;
import humblequill.core.book.picture.Spot;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.bench.ComparisonFields;
import humblequill.server.bench.ComparisonFields.From;
import humblequill.server.bench.ComparisonFields.LandmarkPlace;
import humblequill.server.bench.ComparisonFields.ReferenceFields;
import humblequill.server.bench.Comparisons;
import humblequill.server.bench.Tendencies;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The made-up learner's bench: thirty hulls whose sheer was drawn too flat until it became an aim,
 * and six tries of one figure. The drawings are made from the true landmarks, so that what was done
 * to them is known.
 */
@Component
@ConditionalOnProperty("quill.demo")
class DemoBench {
  static final String BOOK = "Sheets from the cabinet";
  static final int HULLS = 30;
  private static final int TRIES = 6;
  static final int SHEETS = HULLS + TRIES;

  private static final int AIM_AFTER = 18;
  private static final long FIGURE = 41;

  /** How much of the sheer's tilt is drawn, before it was an aim and since. */
  private static final double FLAT = 0.62;

  private static final double FLAT_SINCE = 0.88;

  /** Width ÷ height of the pages drawn. */
  private static final double RATIO = 560.0 / 792;

  private static final double UNSTEADY = 0.007;
  private static final List<String> SHEER = List.of("stern rail", "rail amidships", "stem head");
  private static final String[][] HULL_LINES = {
    {
      "stern rail left",
      "rail amidships left",
      "stem head",
      "rail amidships right",
      "stern rail right"
    },
    {"stern rail left", "stern keel", "stern rail right", "stern rail left"},
    {"stern keel", "keel amidships", "forefoot", "stem head"}
  };
  private static final String[][] FIGURE_LINES = {
    {"head top", "chin", "neck pit"},
    {"left wrist", "left elbow", "left shoulder", "right shoulder", "right elbow", "right wrist"},
    {"left shoulder", "left hip", "right hip", "right shoulder"},
    {"left hip", "left knee", "left ankle"},
    {"right hip", "right knee", "right ankle"}
  };

  private final Comparisons comparisons;
  private final Tendencies tendencies;

  DemoBench(Comparisons comparisons, Tendencies tendencies) {
    this.comparisons = comparisons;
    this.tendencies = tendencies;
  }

  /** A sheet with one attempt. */
  record Sheet(
      int number, LocalDate day, UUID attempt, ComparisonFields fields, DemoPicture picture) {}

  /** Keeps what was held beside its reference; the picture of the sheet is there before. */
  void keep(Sheet sheet) {
    comparisons.keep(seeded("pair " + sheet.number), null, sheet.day, sheet.fields, false);
  }

  void aim(LocalDate today) {
    tendencies.take(
        seeded("aim"),
        "hull",
        new Quantity(Quantity.Kind.TILT, "sheer aft"),
        dayOf(AIM_AFTER, today));
  }

  /** All sheets, the oldest first; the same for the same day. */
  List<Sheet> sheets(LocalDate today) {
    var sheets = new ArrayList<Sheet>();
    for (int i = 0; i < HULLS; i++) {
      var reference =
          new ReferenceFields(
              From.CABINET, 200L + i, Reference.Kind.HULL, null, View.THREE_QUARTER, null);
      var truth = truth(reference);
      double share = i < AIM_AFTER ? FLAT : FLAT_SINCE;
      var drawn = unsteady(flattened(truth, share), UNSTEADY, i);
      sheets.add(
          sheet(i + 1, dayOf(i, today), "Hull, number " + (i + 1), "hull", reference, drawn));
    }
    var reference =
        new ReferenceFields(From.CABINET, FIGURE, Reference.Kind.ACTION, null, null, null);
    var truth = truth(reference);
    for (int i = 0; i < TRIES; i++) {
      var drawn = unsteady(stiff(truth, 0.45 - 0.07 * i), UNSTEADY * (4 - i / 2.0), 100 + i);
      int number = HULLS + i + 1;
      sheets.add(
          sheet(number, today.minusDays(8L - i), "Figure in action", "figure", reference, drawn));
    }
    return sheets;
  }

  static LocalDate dayOf(int hull, LocalDate today) {
    return today.minusDays(80).plusDays(hull * 79L / HULLS);
  }

  private static Map<String, Spot> truth(ReferenceFields r) {
    var view = r.view() == null ? View.ANY : r.view();
    var made = Reference.of(r.seed(), r.cabinet(), Emphasis.ANY, view);
    double size = Reference.SIZE;
    var places = new LinkedHashMap<String, Spot>();
    made.landmarks().forEach((n, p) -> places.put(n, new Spot(p.x() / size, p.y() / size)));
    return places;
  }

  /** The rails rise and fall less than they do; what stands under the stem comes along. */
  private static Map<String, Spot> flattened(Map<String, Spot> truth, double share) {
    var drawn = new LinkedHashMap<>(truth);
    for (var side : List.of(" left", " right")) {
      var stern = truth.get(SHEER.get(0) + side);
      var middle = truth.get(SHEER.get(1) + side);
      drawn.put(
          SHEER.get(1) + side, new Spot(middle.x(), stern.y() + share * (middle.y() - stern.y())));
    }
    var stem = truth.get("stem head");
    double middle =
        (drawn.get("rail amidships left").y() + drawn.get("rail amidships right").y()) / 2;
    double was = (truth.get("rail amidships left").y() + truth.get("rail amidships right").y()) / 2;
    double by = middle + share * (stem.y() - was) - stem.y();
    drawn.put("stem head", new Spot(stem.x(), stem.y() + by));
    var foot = truth.get("forefoot");
    drawn.put("forefoot", new Spot(foot.x(), foot.y() + by));
    return drawn;
  }

  /** A figure that is pulled upright: everything comes nearer to its plumb line. */
  private static Map<String, Spot> stiff(Map<String, Spot> truth, double by) {
    double middle = truth.get("neck pit").x();
    var drawn = new LinkedHashMap<String, Spot>();
    truth.forEach((n, p) -> drawn.put(n, new Spot(p.x() + by * (middle - p.x()), p.y())));
    return drawn;
  }

  private static Map<String, Spot> unsteady(Map<String, Spot> places, double by, long seed) {
    var random = new Random(seed);
    var drawn = new LinkedHashMap<String, Spot>();
    places.forEach(
        (n, p) ->
            drawn.put(
                n,
                new Spot(p.x() + by * random.nextGaussian(), p.y() + by * random.nextGaussian())));
    return drawn;
  }

  private static Sheet sheet(
      int number,
      LocalDate day,
      String title,
      String template,
      ReferenceFields reference,
      Map<String, Spot> drawn) {
    var onPage = new LinkedHashMap<String, Spot>();
    drawn.forEach((n, p) -> onPage.put(n, new Spot(0.1 + 0.8 * p.x(), 0.2 + 0.8 * RATIO * p.y())));
    var attempt = seeded("attempt " + number);
    var fields =
        new ComparisonFields(
            title,
            template,
            reference,
            attempt,
            Way.UNAIDED,
            false,
            true,
            List.of(),
            onPage.entrySet().stream()
                .map(e -> new LandmarkPlace(e.getKey(), e.getValue().x(), e.getValue().y()))
                .toList(),
            List.of(),
            List.of(),
            List.of(),
            number == SHEETS
                ? List.of(
                    new ComparisonFields.PinnedNote(
                        0.5, 0.5, "Drew the hip first and hung everything on it."))
                : List.of());
    var lines = template.equals("hull") ? HULL_LINES : FIGURE_LINES;
    return new Sheet(
        number,
        day,
        attempt,
        fields,
        new DemoPicture(lines(lines, onPage), 1, 0.35, false, number));
  }

  /** Lines of a picture, whose places are counted within its margins. */
  private static List<DemoShapes.Line> lines(String[][] names, Map<String, Spot> places) {
    var lines = new ArrayList<DemoShapes.Line>();
    for (var line : names) {
      var xy = new double[2 * line.length];
      for (int i = 0; i < line.length; i++) {
        xy[2 * i] = (places.get(line[i]).x() - 0.06) / 0.84;
        xy[2 * i + 1] = (places.get(line[i]).y() - 0.06) / 0.84;
      }
      lines.add(new DemoShapes.Line(xy));
    }
    return lines;
  }

  private static UUID seeded(String what) {
    return UUID.nameUUIDFromBytes(("demo/bench " + what).getBytes(StandardCharsets.UTF_8));
  }
}
