package humblequill.core.bench;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is compared of a kind of subject: its landmarks and the parts between them.
 *
 * @param name as it is chosen by, such as "figure"
 * @param landmarks named points, 2 or more, each name once
 * @param parts stretches between two landmarks
 * @param pairs landmarks that are left and right of each other
 * @param upright what lies above what, so that a lean can be told: the middles of two sets of
 *     landmarks; empty where nothing stands upright
 * @param depths parts whose lengths tell what is near and what is far
 * @param tapers parts across a form, whose lengths tell how it grows narrower
 * @param outlines landmarks around an area
 */
public record Template(
    String name,
    List<Landmark> landmarks,
    List<Part> parts,
    List<SidePair> pairs,
    Optional<Upright> upright,
    List<Depth> depths,
    List<Taper> tapers,
    List<Outline> outlines) {
  private static final String LANDMARK = "landmark";

  /** The order in which a drawing is put right. */
  public enum Layer {
    /** How the whole stands. */
    WHOLE,
    /** What everything hangs on: of a figure torso and pelvis. */
    FOUNDATION,
    /** Long parts. */
    LIMBS,
    /** What sits at their ends: of a figure head, hands and feet. */
    ENDS
  }

  /**
   * A named point.
   *
   * @param foundation whether a quick pass asks for it
   */
  public record Landmark(String name, Layer layer, boolean foundation) {}

  /** A stretch between two landmarks. */
  public record Part(String name, String from, String to, Layer layer) {}

  /** Two landmarks that are left and right of each other. */
  public record SidePair(String left, String right) {}

  /** The middle of some landmarks, which lies above the middle of others. */
  public record Upright(List<String> above, List<String> below) {}

  /** Two parts of one length, so that the seen lengths tell which is nearer. */
  public record Depth(String name, String one, String other) {}

  /** A form that is so broad at one end and so broad at the other. */
  public record Taper(String name, String from, String to) {}

  /** An area within three landmarks or more, in their order around it. */
  public record Outline(String name, List<String> around) {
    public Outline {
      around = List.copyOf(around);
      if (around.size() < 3) {
        throw new InvalidException(Message.of("bench.outlineTooSmall"));
      }
    }
  }

  /** A template; what it says of landmarks and parts must hang together. */
  public Template {
    landmarks = List.copyOf(landmarks);
    parts = List.copyOf(parts);
    pairs = List.copyOf(pairs);
    depths = List.copyOf(depths);
    tapers = List.copyOf(tapers);
    outlines = List.copyOf(outlines);
    var names = new HashSet<String>();
    for (var landmark : landmarks) {
      if (!names.add(landmark.name())) {
        throw new InvalidException(Message.of("bench.landmarkTwice", "landmark", landmark.name()));
      }
    }
    if (names.size() < 2) {
      throw new InvalidException(Message.of("bench.templateTooSmall"));
    }
    parts.forEach(p -> known(LANDMARK, names, quoted("part", p.name()), p.from(), p.to()));
    pairs.forEach(p -> known(LANDMARK, names, "a pair", p.left(), p.right()));
    upright.ifPresent(
        u -> {
          known(LANDMARK, names, "\"above\"", u.above());
          known(LANDMARK, names, "\"below\"", u.below());
        });
    var named = parts.stream().map(Part::name).collect(Collectors.toSet());
    depths.forEach(d -> known("part", named, quoted("depth", d.name()), d.one(), d.other()));
    tapers.forEach(t -> known("part", named, quoted("taper", t.name()), t.from(), t.to()));
    outlines.forEach(o -> known(LANDMARK, names, quoted("outline", o.name()), o.around()));
  }

  /** A template without tapers and outlines. */
  public Template(
      String name,
      List<Landmark> landmarks,
      List<Part> parts,
      List<SidePair> pairs,
      Optional<Upright> upright,
      List<Depth> depths) {
    this(name, landmarks, parts, pairs, upright, depths, List.of(), List.of());
  }

  private static String quoted(String what, String name) {
    return "the " + what + " \"" + name + '"';
  }

  private static void known(String what, Set<String> names, String where, String one, String two) {
    known(what, names, where, List.of(one, two));
  }

  private static void known(String what, Set<String> names, String where, List<String> used) {
    if (used.isEmpty()) {
      throw new InvalidException(Message.of("bench.namesNone", "where", where, "what", what));
    }
    var before = new HashSet<String>();
    for (var name : used) {
      if (!names.contains(name)) {
        throw new InvalidException(
            Message.of("bench.namesUnknown", "where", where, "name", name, "what", what));
      }
      if (!before.add(name)) {
        throw new InvalidException(Message.of("bench.namesTwice", "where", where, "name", name));
      }
    }
  }

  /** Names of the landmarks that a quick pass asks for. */
  public Set<String> foundation() {
    return landmarks.stream()
        .filter(Landmark::foundation)
        .map(Landmark::name)
        .collect(Collectors.toSet());
  }

  /** Each landmark of a pair by the one on the other side. */
  Map<String, String> otherSide() {
    return pairs.stream()
        .flatMap(
            p -> List.of(Map.entry(p.left(), p.right()), Map.entry(p.right(), p.left())).stream())
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  /**
   * What a part is called where left and right count as one: the name without its side, if the same
   * part is there on the other side.
   */
  public String both(Part part) {
    var byEnds =
        parts.stream().collect(Collectors.toMap(Template::ends, Function.identity(), (a, b) -> a));
    var sides = otherSide();
    var mirrored =
        Set.of(
            sides.getOrDefault(part.from(), part.from()), sides.getOrDefault(part.to(), part.to()));
    var other = byEnds.get(mirrored);
    return other == null || other.equals(part)
        ? part.name()
        : part.name().replaceFirst("^(left|right) ", "");
  }

  private static Set<String> ends(Part part) {
    return Set.of(part.from(), part.to());
  }
}
