package humblequill.core.book.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * How the light falls off over a sheet, as a quadratic in u and v, both 0 to 1 over the sheet. The
 * light of the bare paper is taken from the brightest tenth of each tile; tiles that are drawn full
 * are told apart from shadow, since they lie below what their neighbours make likely.
 *
 * @param figures of ln(light ÷ middle light): 1, u, v, u², uv, v²
 */
public record EvenLight(List<Double> figures) {
  /** Tiles along the longer edge. */
  private static final int TILES = 24;

  private static final double BRIGHTEST = .9;

  /** How much a tile below the paper counts at first; small, since drawing only darkens. */
  private static final double BELOW = .02;

  private static final int ROUNDS = 40;

  /** A tile further below the paper than this, in ln, is drawn on. */
  private static final double PAPER = .08;

  /** With less bare paper than this share the light cannot be told. */
  private static final double LEAST_PAPER = .2;

  private static final double DARKEST = 8;
  private static final double LEAST_GAIN = .5;
  private static final double MOST_GAIN = 2;
  private static final int FIGURES = 6;

  public EvenLight {
    if (figures.size() != FIGURES) {
      throw new IllegalArgumentException("Six figures tell the light");
    }
    figures = List.copyOf(figures);
  }

  private record Tile(double u, double v, double ln) {}

  /** How the light falls on a sheet seen straight; empty where too little of it is bare paper. */
  public static Optional<EvenLight> on(Grey sheet) {
    var tiles = tiles(sheet);
    if (tiles.size() < 2 * FIGURES) {
      return Optional.empty();
    }
    var weights = new double[tiles.size()];
    Arrays.fill(weights, 1);
    var fit = fit(tiles, weights);
    for (int round = 0; round < ROUNDS; round++) {
      for (int i = 0; i < weights.length; i++) {
        weights[i] = below(tiles.get(i), fit) > 0 ? BELOW : 1;
      }
      fit = fit(tiles, weights);
    }
    for (int round = 0; round < ROUNDS; round++) {
      int paper = 0;
      for (int i = 0; i < weights.length; i++) {
        boolean isPaper = Math.abs(below(tiles.get(i), fit)) < PAPER;
        weights[i] = isPaper ? 1 : 0;
        paper += isPaper ? 1 : 0;
      }
      if (paper < LEAST_PAPER * tiles.size() || paper < 2 * FIGURES) {
        return Optional.empty();
      }
      fit = fit(tiles, weights);
    }
    var middle = new ArrayList<Double>();
    for (var t : tiles) {
      middle.add(at(fit, t.u, t.v));
    }
    middle.sort(null);
    fit[0] -= middle.get(middle.size() / 2);
    return Optional.of(new EvenLight(Arrays.stream(fit).boxed().toList()));
  }

  private static double below(Tile t, double[] fit) {
    return at(fit, t.u, t.v) - t.ln;
  }

  private static List<Tile> tiles(Grey sheet) {
    int edge = Math.max(4, Math.max(sheet.width(), sheet.height()) / TILES);
    var tiles = new ArrayList<Tile>();
    for (int y = 0; y + edge <= sheet.height(); y += edge) {
      for (int x = 0; x + edge <= sheet.width(); x += edge) {
        double ln = Math.log(Math.max(DARKEST, brightest(sheet, x, y, edge)));
        tiles.add(new Tile((x + edge / 2.) / sheet.width(), (y + edge / 2.) / sheet.height(), ln));
      }
    }
    return tiles;
  }

  private static double brightest(Grey sheet, int left, int top, int edge) {
    var all = new int[edge * edge];
    for (int y = 0; y < edge; y++) {
      System.arraycopy(sheet.light(), (top + y) * sheet.width() + left, all, y * edge, edge);
    }
    Arrays.sort(all);
    return all[(int) Math.min(all.length - 1L, Math.round(BRIGHTEST * all.length))];
  }

  private static double[] fit(List<Tile> tiles, double[] weights) {
    var m = new double[tiles.size()][];
    var y = new double[tiles.size()];
    for (int i = 0; i < m.length; i++) {
      var t = tiles.get(i);
      double w = Math.sqrt(weights[i]);
      m[i] = new double[] {w, w * t.u, w * t.v, w * t.u * t.u, w * t.u * t.v, w * t.v * t.v};
      y[i] = w * t.ln;
    }
    return new QRDecomposition(new Array2DRowRealMatrix(m, false), 1e-9)
        .getSolver()
        .solve(new ArrayRealVector(y, false))
        .toArray();
  }

  private static double at(double[] fit, double u, double v) {
    return fit[0] + fit[1] * u + fit[2] * v + fit[3] * u * u + fit[4] * u * v + fit[5] * v * v;
  }

  /** The same after the sheet was turned a quarter to the right: u becomes v, v becomes 1 − u. */
  EvenLight turnedRight() {
    double c1 = figures.get(1);
    double c2 = figures.get(2);
    double c3 = figures.get(3);
    double c4 = figures.get(4);
    double c5 = figures.get(5);
    return new EvenLight(List.of(figures.get(0) + c2 + c5, -c2 - 2 * c5, c1 + c4, c5, -c4, c3));
  }

  /** By what the light of a point has to be multiplied, ½ to 2. */
  public double gain(double u, double v) {
    double ln =
        figures.get(0)
            + figures.get(1) * u
            + figures.get(2) * v
            + figures.get(3) * u * u
            + figures.get(4) * u * v
            + figures.get(5) * v * v;
    return Math.max(LEAST_GAIN, Math.min(MOST_GAIN, Math.exp(-ln)));
  }
}
