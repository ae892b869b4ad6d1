package humblequill.server.topic;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.topic.TopicGraph;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.GivenTopics;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Knows the topics: those that ship, until the learner changes them. */
@Service
public class TopicService implements GivenTopics {
  private final TopicsRepository repository;
  private final Remembered<Topics> topics;
  private final Derived<TopicGraph> graph = new Derived<>();
  private final Derived<List<Name>> names = new Derived<>();
  private @Nullable Topics shipped;

  TopicService(TopicsRepository repository, Memory memory) {
    this.repository = repository;
    this.topics = memory.remember("topics and what each needs first", TopicsEntity.class);
  }

  /** The topics as they are. */
  @Transactional(readOnly = true)
  public Topics read() {
    return topics.get(
        () -> repository.findById(TopicsEntity.ONLY).map(this::own).orElseGet(this::shipped));
  }

  private Topics own(TopicsEntity e) {
    return StoredJson.read(e.document, StoredTopics.class).toTopics(version(e));
  }

  static long version(TopicsEntity e) {
    return e.version == null ? 1 : e.version + 1;
  }

  /** The topics as a graph. */
  @Transactional(readOnly = true)
  public TopicGraph graph() {
    var now = read();
    return graph.get(List.of(now), () -> new TopicGraph(now.asTopics()));
  }

  @Override
  @Transactional(readOnly = true)
  public List<Name> names() {
    var now = read();
    return names.get(List.of(now), () -> names(now));
  }

  private static List<Name> names(Topics topics) {
    return topics.areas().stream()
        .flatMap(area -> area.topics().stream())
        .map(
            t ->
                new Name(
                    Objects.requireNonNull(t.id()),
                    NameKind.TOPIC,
                    t.name(),
                    t.alsoCalled(),
                    Set.of(),
                    Optional.empty()))
        .toList();
  }

  synchronized Topics shipped() {
    if (shipped == null) {
      try {
        var text = new ClassPathResource("topics.yaml").getContentAsString(StandardCharsets.UTF_8);
        var tree = YAMLMapper.builder().build().readTree(text);
        shipped = new Topics(0, tree.path("areas").valueStream().map(TopicService::area).toList());
      } catch (IOException e) {
        throw new IllegalStateException("The topics are missing from the application", e);
      }
    }
    return shipped;
  }

  private static Topics.AreaOfTopics area(JsonNode node) {
    var depths = node.path("depths");
    return new Topics.AreaOfTopics(
        node.path("name").asString(),
        depths.path("simple").asString(),
        depths.path("grouped").asString(),
        depths.path("detailed").asString(),
        node.path("topics").valueStream().map(TopicService::line).toList());
  }

  private static Topics.TopicLine line(JsonNode node) {
    var name = node.path("name").asString();
    return new Topics.TopicLine(
        Name.given(NameKind.TOPIC, name),
        name,
        strings(node.path("needs")),
        strings(node.path("alsoCalled")));
  }

  private static List<String> strings(JsonNode node) {
    return node.valueStream().map(JsonNode::asString).toList();
  }
}
