package humblequill.core.book;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** What grew into what: drawings that led to others, never back to themselves. */
public final class Lineage {
  private final Map<UUID, List<UUID>> into = new HashMap<>();
  private final Map<UUID, List<UUID>> outOf = new HashMap<>();

  /** One drawing that grew into another. */
  public record Step(UUID from, UUID into) {}

  /** All that is known. */
  public Lineage(Collection<Step> steps) {
    for (var step : steps) {
      into.computeIfAbsent(step.from(), k -> new ArrayList<>()).add(step.into());
      outOf.computeIfAbsent(step.into(), k -> new ArrayList<>()).add(step.from());
    }
  }

  /**
   * The way by which one drawing already led to another.
   *
   * @return both and all between; empty where there is none; the drawing alone where both are one
   */
  public List<UUID> path(UUID from, UUID to) {
    var before = new HashMap<UUID, UUID>();
    var next = new ArrayDeque<UUID>(List.of(from));
    before.put(from, from);
    while (!next.isEmpty()) {
      var at = next.poll();
      if (at.equals(to)) {
        return walked(before, from, to);
      }
      for (var after : into.getOrDefault(at, List.of())) {
        if (before.putIfAbsent(after, at) == null) {
          next.add(after);
        }
      }
    }
    return List.of();
  }

  private static List<UUID> walked(Map<UUID, UUID> before, UUID from, UUID to) {
    var path = new ArrayList<UUID>(List.of(to));
    for (var at = to; !at.equals(from); ) {
      at = before.get(at);
      path.add(at);
    }
    Collections.reverse(path);
    return path;
  }

  /**
   * Everything a drawing came out of and grew into, in an order in which nothing stands before what
   * it came out of; the drawing itself among them.
   */
  public List<UUID> family(UUID of) {
    var members = new LinkedHashSet<UUID>();
    gather(of, outOf, members);
    gather(of, into, members);
    var sorted = new ArrayList<UUID>();
    var left = new LinkedHashSet<>(members);
    while (!left.isEmpty()) {
      var next =
          left.stream()
              .filter(m -> outOf.getOrDefault(m, List.of()).stream().noneMatch(left::contains))
              .findFirst()
              .orElseThrow();
      sorted.add(next);
      left.remove(next);
    }
    return sorted;
  }

  private static void gather(UUID from, Map<UUID, List<UUID>> along, Set<UUID> found) {
    var next = new ArrayDeque<UUID>(List.of(from));
    var seen = new LinkedHashSet<UUID>();
    while (!next.isEmpty()) {
      var at = next.poll();
      if (seen.add(at)) {
        next.addAll(along.getOrDefault(at, List.of()));
      }
    }
    found.addAll(seen);
  }

  /** What a drawing came out of directly. */
  public List<UUID> outOf(UUID drawing) {
    return List.copyOf(outOf.getOrDefault(drawing, List.of()));
  }

  /** What a drawing grew into directly. */
  public List<UUID> into(UUID drawing) {
    return List.copyOf(into.getOrDefault(drawing, List.of()));
  }
}
