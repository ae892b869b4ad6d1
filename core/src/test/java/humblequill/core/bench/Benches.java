package humblequill.core.bench;

import humblequill.core.bench.Template.Depth;
import humblequill.core.bench.Template.Landmark;
import humblequill.core.bench.Template.Layer;
import humblequill.core.bench.Template.Part;
import humblequill.core.bench.Template.SidePair;
import humblequill.core.bench.Template.Upright;
import humblequill.core.book.picture.Spot;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** A figure of fifteen landmarks, and true places from the cabinet. */
final class Benches {
  static final Template FIGURE = figure();

  private Benches() {}

  private static Template figure() {
    var landmarks = new ArrayList<Landmark>();
    landmarks.add(new Landmark("head top", Layer.ENDS, false));
    landmarks.add(new Landmark("chin", Layer.ENDS, false));
    landmarks.add(new Landmark("neck pit", Layer.FOUNDATION, true));
    var parts = new ArrayList<Part>();
    parts.add(new Part("shoulders", "left shoulder", "right shoulder", Layer.FOUNDATION));
    parts.add(new Part("hips", "left hip", "right hip", Layer.FOUNDATION));
    parts.add(new Part("head", "chin", "head top", Layer.ENDS));
    var pairs = new ArrayList<SidePair>();
    for (var name : List.of("shoulder", "hip", "elbow", "knee", "wrist", "ankle")) {
      boolean trunk = name.equals("shoulder") || name.equals("hip");
      pairs.add(new SidePair("left " + name, "right " + name));
      for (var side : List.of("left ", "right ")) {
        landmarks.add(new Landmark(side + name, trunk ? Layer.FOUNDATION : Layer.LIMBS, trunk));
      }
    }
    for (var side : List.of("left ", "right ")) {
      parts.add(new Part(side + "flank", side + "hip", side + "shoulder", Layer.FOUNDATION));
      parts.add(new Part(side + "upper arm", side + "shoulder", side + "elbow", Layer.LIMBS));
      parts.add(new Part(side + "forearm", side + "elbow", side + "wrist", Layer.LIMBS));
      parts.add(new Part(side + "thigh", side + "hip", side + "knee", Layer.LIMBS));
      parts.add(new Part(side + "lower leg", side + "knee", side + "ankle", Layer.LIMBS));
    }
    var upright = new Upright(List.of("neck pit"), List.of("left hip", "right hip"));
    var depths = List.of(new Depth("lower legs", "left lower leg", "right lower leg"));
    return new Template("figure", landmarks, parts, pairs, Optional.of(upright), depths);
  }

  private static final Map<Long, Map<String, Spot>> SEEN = new ConcurrentHashMap<>();

  static Map<String, Spot> cabinet(long seed) {
    return SEEN.computeIfAbsent(seed, Benches::look);
  }

  private static Map<String, Spot> look(long seed) {
    var kind = Reference.Kind.values()[(int) (seed % 4)];
    var seen = Reference.of(seed, kind, Emphasis.ANY, View.ANY).landmarks();
    var places = new LinkedHashMap<String, Spot>();
    seen.forEach((name, p) -> places.put(name, new Spot(p.x(), p.y())));
    return places;
  }

  static Map<String, Spot> moved(Map<String, Spot> places, UnaryOperator<Spot> by) {
    var moved = new LinkedHashMap<String, Spot>();
    places.forEach((name, p) -> moved.put(name, by.apply(p)));
    return moved;
  }

  /** A limb's part made longer; what hangs on it is carried along. */
  static Map<String, Spot> longer(Map<String, Spot> places, String side, double by) {
    var knee = places.get(side + "knee");
    var hip = places.get(side + "hip");
    double dx = (knee.x() - hip.x()) * (by - 1);
    double dy = (knee.y() - hip.y()) * (by - 1);
    var moved = new LinkedHashMap<>(places);
    Stream.of("knee", "ankle")
        .forEach(n -> moved.computeIfPresent(side + n, (k, p) -> new Spot(p.x() + dx, p.y() + dy)));
    return moved;
  }

  static Compared held(Map<String, Spot> reference, Map<String, Spot> drawn) {
    return Compared.of(
        FIGURE, new Attempt(reference, drawn, Set.of(), true, false), Tolerances.USUAL);
  }
}
