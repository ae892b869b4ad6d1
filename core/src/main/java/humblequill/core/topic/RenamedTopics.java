package humblequill.core.topic;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Topics that were given other names. Whatever needs one needs it under its new name, and what it
 * was called before stays another name of it, so that courses and older lines still find it.
 */
public final class RenamedTopics {
  private final Map<String, String> renamed;
  private final Map<String, String> before = new HashMap<>();
  private final Set<String> names = new HashSet<>();
  private final Set<String> taken = new HashSet<>();

  /**
   * Topics under their new names.
   *
   * @param topics all there are now; their needs may name them as they were called before
   * @param renamed what was called otherwise before, by its name then
   */
  public RenamedTopics(List<Topic> topics, Map<String, String> renamed) {
    this.renamed = Map.copyOf(renamed);
    renamed.forEach((then, now) -> before.put(now, then));
    for (var topic : topics) {
      names.add(topic.name());
      taken.add(Fold.of(topic.name()));
      topic.alsoCalled().forEach(other -> taken.add(Fold.of(other)));
    }
  }

  /** A topic as it stands among them. A name that another one took over means that one. */
  public Topic follow(Topic topic) {
    var needs =
        topic.needs().stream()
            .map(need -> names.contains(need) ? need : renamed.getOrDefault(need, need))
            .toList();
    var alsoCalled = new ArrayList<>(topic.alsoCalled());
    alsoCalled.removeIf(other -> Fold.of(other).equals(Fold.of(topic.name())));
    var then = before.get(topic.name());
    if (then != null && !taken.contains(Fold.of(then))) {
      alsoCalled.add(then);
    }
    return new Topic(topic.name(), topic.area(), needs, alsoCalled);
  }
}
