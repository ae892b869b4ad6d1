package humblequill.core.book.picture;

import java.util.ArrayDeque;

/** Which dots of a picture belong to the sheet: the largest bright patch, ink and holes with it. */
final class PaperMask {
  /** Lines narrower than twice this many dots do not cut the paper apart. */
  private static final int CLOSED_OVER = 2;

  /** A patch of which less is bright is no paper, but light and dark mixed. */
  private static final double LEAST_BRIGHT = .6;

  private static final int LEVELS = 256;

  private PaperMask() {}

  /** The dots of the sheet; all false where no paper stands out. */
  static boolean[] of(Grey picture) {
    var even = blurred(picture);
    int from = threshold(even);
    int w = picture.width();
    int h = picture.height();
    var bright = new boolean[w * h];
    for (int i = 0; i < bright.length; i++) {
      bright[i] = even.light()[i] > from;
    }
    var closed = spread(spread(bright, w, h, true), w, h, false);
    var sheet = filled(largest(closed, w, h), w, h);
    int size = 0;
    int brightInside = 0;
    for (int i = 0; i < sheet.length; i++) {
      size += sheet[i] ? 1 : 0;
      brightInside += sheet[i] && bright[i] ? 1 : 0;
    }
    return brightInside < LEAST_BRIGHT * size ? new boolean[sheet.length] : sheet;
  }

  private static Grey blurred(Grey p) {
    var out = new int[p.light().length];
    for (int y = 0; y < p.height(); y++) {
      for (int x = 0; x < p.width(); x++) {
        int sum = 0;
        int n = 0;
        for (int dy = -1; dy <= 1; dy++) {
          for (int dx = -1; dx <= 1; dx++) {
            int xx = x + dx;
            int yy = y + dy;
            if (xx >= 0 && yy >= 0 && xx < p.width() && yy < p.height()) {
              sum += p.at(xx, yy);
              n++;
            }
          }
        }
        out[y * p.width() + x] = sum / n;
      }
    }
    return new Grey(p.width(), p.height(), out);
  }

  /**
   * Parts bright from dark where the two differ most for their own spread.
   *
   * <p>Formula: N. Otsu, "A Threshold Selection Method from Gray-Level Histograms", 1979.
   */
  static int threshold(Grey picture) {
    var count = new long[LEVELS];
    long sum = 0;
    for (int v : picture.light()) {
      count[v]++;
      sum += v;
    }
    long total = picture.light().length;
    long below = 0;
    long sumBelow = 0;
    int best = LEVELS - 1;
    double most = 0;
    for (int t = 0; t < LEVELS - 1; t++) {
      below += count[t];
      sumBelow += (long) t * count[t];
      if (below == 0 || below == total) {
        continue;
      }
      double apart = (double) (sum - sumBelow) / (total - below) - (double) sumBelow / below;
      double between = apart * apart * below * (total - below);
      if (between > most) {
        most = between;
        best = t;
      }
    }
    return best;
  }

  /** Grows the patch by a few dots, or lets it shrink again. */
  private static boolean[] spread(boolean[] in, int w, int h, boolean grows) {
    var now = in;
    for (int round = 0; round < CLOSED_OVER; round++) {
      var next = now.clone();
      for (int y = 0; y < h; y++) {
        for (int x = 0; x < w; x++) {
          int i = y * w + x;
          if (now[i] == grows) {
            continue;
          }
          boolean touched =
              x > 0 && now[i - 1] == grows
                  || x < w - 1 && now[i + 1] == grows
                  || y > 0 && now[i - w] == grows
                  || y < h - 1 && now[i + w] == grows;
          if (touched) {
            next[i] = grows;
          }
        }
      }
      now = next;
    }
    return now;
  }

  private static boolean[] largest(boolean[] in, int w, int h) {
    var seen = new boolean[in.length];
    var best = new boolean[in.length];
    int most = 0;
    for (int start = 0; start < in.length; start++) {
      if (!in[start] || seen[start]) {
        continue;
      }
      var patch = reached(in, seen, start, w, h);
      int size = 0;
      for (boolean b : patch) {
        size += b ? 1 : 0;
      }
      if (size > most) {
        most = size;
        best = patch;
      }
    }
    return best;
  }

  private static boolean[] reached(boolean[] in, boolean[] seen, int start, int w, int h) {
    var patch = new boolean[in.length];
    var open = new ArrayDeque<Integer>();
    open.add(start);
    seen[start] = true;
    while (!open.isEmpty()) {
      int i = open.remove();
      patch[i] = true;
      int x = i % w;
      int y = i / w;
      int[] next = {
        x > 0 ? i - 1 : -1, x < w - 1 ? i + 1 : -1, y > 0 ? i - w : -1, y < h - 1 ? i + w : -1
      };
      for (int n : next) {
        if (n >= 0 && in[n] && !seen[n]) {
          seen[n] = true;
          open.add(n);
        }
      }
    }
    return patch;
  }

  /** What cannot be reached from the edge of the picture without crossing the patch is inside. */
  private static boolean[] filled(boolean[] patch, int w, int h) {
    var free = new boolean[patch.length];
    for (int i = 0; i < free.length; i++) {
      free[i] = !patch[i];
    }
    var seen = new boolean[patch.length];
    var outside = new boolean[patch.length];
    for (int i = 0; i < patch.length; i++) {
      int x = i % w;
      int y = i / w;
      boolean edge = x == 0 || y == 0 || x == w - 1 || y == h - 1;
      if (edge && free[i] && !seen[i]) {
        var part = reached(free, seen, i, w, h);
        for (int k = 0; k < part.length; k++) {
          outside[k] |= part[k];
        }
      }
    }
    var out = new boolean[patch.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = !outside[i];
    }
    return out;
  }
}
