package humblequill.server.topic;

import humblequill.core.topic.BrokenTopicsException;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import humblequill.server.edge.Refusal;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Keeps the topics: those that ship, until the learner changes them. */
@Service
public class TopicService {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final TopicsRepository repository;
  private @Nullable Topics shipped;

  TopicService(TopicsRepository repository) {
    this.repository = repository;
  }

  /** The topics as they are. */
  @Transactional(readOnly = true)
  public Topics read() {
    return repository
        .findById(TopicsEntity.ONLY)
        .map(e -> new Topics(version(e), JSON.readValue(e.document, Topics.class).areas()))
        .orElseGet(this::shipped);
  }

  private static long version(TopicsEntity e) {
    return e.version == null ? 1 : e.version + 1;
  }

  /** The topics as a graph. */
  @Transactional(readOnly = true)
  public TopicGraph graph() {
    return graph(read());
  }

  private static TopicGraph graph(Topics topics) {
    return new TopicGraph(
        topics.areas().stream()
            .flatMap(
                area ->
                    area.topics().stream()
                        .map(t -> new Topic(t.name(), area.name(), t.needs(), t.alsoCalled())))
            .toList());
  }

  /** Replaces the topics; refused when they contradict each other. */
  @Transactional
  public Topics write(Topics wanted) {
    try {
      graph(wanted);
    } catch (BrokenTopicsException e) {
      throw Refusal.badValue("areas", e.getMessage(), "Not kept: " + e.getMessage() + ".");
    }
    var entity = repository.findById(TopicsEntity.ONLY).orElseGet(TopicsEntity::new);
    if (wanted.version() != (entity.version == null ? 0 : version(entity))) {
      throw Refusal.stale("list of topics", read());
    }
    entity.document = JSON.writeValueAsString(wanted);
    repository.saveAndFlush(entity);
    return read();
  }

  /** Goes back to the topics that ship. */
  @Transactional
  public Topics reset() {
    repository.deleteAll();
    repository.flush();
    return shipped();
  }

  private synchronized Topics shipped() {
    if (shipped == null) {
      try {
        var text = new ClassPathResource("topics.yaml").getContentAsString(StandardCharsets.UTF_8);
        shipped =
            new Topics(
                0,
                YAMLMapper.builder()
                    .build()
                    .readTree(text)
                    .path("areas")
                    .valueStream()
                    .map(TopicService::area)
                    .toList());
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
        node.path("topics")
            .valueStream()
            .map(
                t ->
                    new Topics.TopicLine(
                        t.path("name").asString(),
                        strings(t.path("needs")),
                        strings(t.path("alsoCalled"))))
            .toList());
  }

  private static List<String> strings(JsonNode node) {
    return node.valueStream().map(JsonNode::asString).toList();
  }
}
