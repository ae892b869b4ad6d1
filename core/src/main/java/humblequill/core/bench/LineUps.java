package humblequill.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Landmarks that share a plumb or level line in the reference.
 *
 * @param off those that do not in the attempt, the farthest first, at most three
 * @param kept the longest that still does
 */
record LineUps(List<LineUp> off, Optional<LineUp> kept) {
  static final LineUps NONE = new LineUps(List.of(), Optional.empty());

  private static final double APART = 0.15;
  private static final double SHARED = 0.01;
  private static final double OFF = 0.04;
  private static final int MOST = 3;

  private record Seen(LineUp line, double apart) {}

  static LineUps of(List<String> names, Attempt attempt, Alignment alignment, double size) {
    var all = new ArrayList<Seen>();
    double drawnSize = size / alignment.over().scale();
    for (int i = 0; i < names.size(); i++) {
      for (int j = i + 1; j < names.size(); j++) {
        var a = attempt.reference().get(names.get(i));
        var b = attempt.reference().get(names.get(j));
        double apart = Similarity.distance(a, b) / size;
        boolean plumb = Math.abs(a.x() - b.x()) <= SHARED * size;
        boolean level = Math.abs(a.y() - b.y()) <= SHARED * size;
        if (apart < APART || plumb == level) {
          continue;
        }
        boolean swap = plumb ? a.y() > b.y() : a.x() > b.x();
        var one = swap ? names.get(j) : names.get(i);
        var other = swap ? names.get(i) : names.get(j);
        var p = attempt.drawn().get(one);
        var q = attempt.drawn().get(other);
        double off = (plumb ? p.x() - q.x() : p.y() - q.y()) / drawnSize;
        all.add(new Seen(new LineUp(one, other, plumb, off), apart));
      }
    }
    return new LineUps(
        all.stream()
            .map(Seen::line)
            .filter(l -> Math.abs(l.off()) > OFF)
            .sorted(Comparator.comparingDouble((LineUp l) -> Math.abs(l.off())).reversed())
            .limit(MOST)
            .toList(),
        all.stream()
            .filter(s -> Math.abs(s.line().off()) <= OFF)
            .max(Comparator.comparingDouble(Seen::apart))
            .map(Seen::line));
  }
}
