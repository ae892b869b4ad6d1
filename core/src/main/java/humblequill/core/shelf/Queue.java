package humblequill.core.shelf;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Resources of which some come only after others. */
public final class Queue {
  private Queue() {}

  /**
   * A resource that may wait for others.
   *
   * @param place in the queue, from 1
   * @param after those that come first
   * @param done whether it is finished or dropped
   */
  public record Waiting(UUID id, String name, int place, Set<UUID> after, boolean done) {}

  /** A way that leads back to where it began, by names. */
  public record Circle(List<String> path) {}

  /**
   * The first circle in "only after"; empty without one.
   *
   * @param all every resource that waits or is waited for
   */
  public static java.util.Optional<Circle> circle(Collection<Waiting> all) {
    Map<UUID, Waiting> byId = new HashMap<>();
    all.forEach(w -> byId.put(w.id, w));
    Map<UUID, Boolean> closed = new HashMap<>();
    for (var waiting : all) {
      var path = new ArrayList<UUID>();
      var found = walk(waiting.id, byId, closed, path);
      if (!found.isEmpty()) {
        return java.util.Optional.of(
            new Circle(found.stream().map(id -> byId.get(id).name).toList()));
      }
    }
    return java.util.Optional.empty();
  }

  private static List<UUID> walk(
      UUID id, Map<UUID, Waiting> byId, Map<UUID, Boolean> closed, List<UUID> path) {
    int before = path.indexOf(id);
    if (before >= 0) {
      var circle = new ArrayList<>(path.subList(before, path.size()));
      circle.add(id);
      return circle;
    }
    if (closed.containsKey(id) || !byId.containsKey(id)) {
      return List.of();
    }
    path.add(id);
    for (var next : byId.get(id).after) {
      var found = walk(next, byId, closed, path);
      if (!found.isEmpty()) {
        return found;
      }
    }
    path.remove(path.size() - 1);
    closed.put(id, true);
    return List.of();
  }

  /** What a resource still waits for: those of its "only after" that are not done. */
  public static List<UUID> waitsFor(Waiting waiting, Map<UUID, Waiting> byId) {
    return waiting.after.stream()
        .filter(id -> byId.containsKey(id) && !byId.get(id).done)
        .sorted()
        .toList();
  }
}
