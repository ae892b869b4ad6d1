package humblequill.core.topic;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Topics with arrows from each to what it needs; the arrows never run in a circle. */
public final class TopicGraph {
  private final Map<String, Topic> topics = new LinkedHashMap<>();
  private final Map<String, String> names = new HashMap<>();
  private final Map<String, Set<String>> allNeeds = new HashMap<>();

  /**
   * Builds the graph.
   *
   * @param all topics, in the order they are shown
   * @throws BrokenTopicsException if a name is used twice, a needed topic is not there, or the
   *     needs run in a circle; the circle is named
   */
  public TopicGraph(List<Topic> all) {
    for (var topic : all) {
      if (topics.put(topic.name(), topic) != null) {
        throw new BrokenTopicsException(Message.of("topic.topicTwice", "topic", topic.name()));
      }
    }
    all.forEach(t -> claim(t.name(), t.name()));
    all.forEach(t -> t.alsoCalled().forEach(other -> claim(other, t.name())));
    for (var topic : all) {
      for (var need : topic.needs()) {
        if (!topics.containsKey(need)) {
          throw new BrokenTopicsException(
              Message.of("topic.needNotThere", "topic", topic.name(), "need", need));
        }
      }
    }
    all.forEach(t -> needsOf(t.name(), new ArrayList<>()));
  }

  private void claim(String spelling, String topic) {
    var other = names.putIfAbsent(Fold.of(spelling), topic);
    if (other != null && !other.equals(topic)) {
      throw new BrokenTopicsException(
          Fold.of(other).equals(Fold.of(topic))
              ? Message.of("topic.oneName", "one", other, "other", topic)
              : Message.of("topic.meansBoth", "spelling", spelling, "one", other, "other", topic));
    }
  }

  private Set<String> needsOf(String name, List<String> path) {
    var known = allNeeds.get(name);
    if (known != null) {
      return known;
    }
    if (path.contains(name)) {
      var circle = new ArrayList<>(path.subList(path.indexOf(name), path.size()));
      circle.add(name);
      throw new BrokenTopicsException(
          Message.of("topic.needsInCircle", "circle", String.join(" → ", circle)));
    }
    path.add(name);
    var needs = new LinkedHashSet<String>();
    for (var need : topics.get(name).needs()) {
      needs.addAll(needsOf(need, path));
      needs.add(need);
    }
    path.remove(path.size() - 1);
    allNeeds.put(name, needs);
    return needs;
  }

  /** All topics in the order they were given. */
  public List<Topic> topics() {
    return List.copyOf(topics.values());
  }

  /** The topic that a name or another spelling means; case, plural and accents do not matter. */
  public Optional<Topic> find(String name) {
    return Optional.ofNullable(names.get(Fold.of(name))).map(topics::get);
  }

  /** Names of all topics that come before one, however far; those further away first. */
  public Set<String> allNeeds(String name) {
    return allNeeds.getOrDefault(name, Set.of());
  }

  /** Names in an order in which each comes after what it needs; else the order they were given. */
  public List<String> inOrder() {
    var order = new LinkedHashSet<String>();
    for (var name : topics.keySet()) {
      order.addAll(allNeeds(name));
      order.add(name);
    }
    return List.copyOf(order);
  }
}
