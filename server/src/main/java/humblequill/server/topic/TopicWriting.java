package humblequill.server.topic;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.topic.BrokenTopicsException;
import humblequill.core.topic.RenamedTopics;
import humblequill.core.topic.TopicGraph;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameChanges;
import humblequill.server.ground.name.NameService;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the topics; what was drawn of a topic stays with it when it is renamed. */
@Service
class TopicWriting {
  private final TopicsRepository repository;
  private final TopicService topics;
  private final NameService names;
  private final NameChanges nameChanges;

  TopicWriting(
      TopicsRepository repository,
      TopicService topics,
      NameService names,
      NameChanges nameChanges) {
    this.repository = repository;
    this.topics = topics;
    this.names = names;
    this.nameChanges = nameChanges;
  }

  /** Replaces the topics; refused when they contradict each other. */
  @Transactional
  Topics write(Topics wanted) {
    var before = topics.read();
    if (wanted.version() != before.version()) {
      throw Refusal.stale("listOfTopics", before);
    }
    var known = withIdentities(wanted);
    var renamed = renamed(before, known);
    var followed = followed(known, before, renamed);
    var entity = repository.findById(TopicsEntity.ONLY).orElseGet(TopicsEntity::new);
    entity.document = StoredJson.write(StoredTopics.of(followed));
    repository.saveAndFlush(entity);
    renamed.forEach(nameChanges::renamedInTaxonomy);
    return topics.read();
  }

  private static Topics followed(Topics now, Topics before, Map<UUID, String> renamed) {
    try {
      var old = texts(before);
      var byName = new HashMap<String, String>();
      renamed.forEach((id, name) -> byName.put(old.get(id), name));
      var names = new RenamedTopics(now.asTopics(), byName);
      var followed = now.each((area, line) -> line.like(names.follow(line.in(area.name()))));
      new TopicGraph(followed.asTopics());
      return followed;
    } catch (BrokenTopicsException e) {
      throw Refusal.badValue(
          "areas", e.getMessage(), Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  /** New topics take over what was written under their name before. */
  private Topics withIdentities(Topics wanted) {
    var known = names.names();
    var taken = new HashSet<UUID>();
    wanted.areas().stream()
        .flatMap(area -> area.topics().stream())
        .filter(t -> t.id() != null)
        .forEach(t -> taken.add(t.id()));
    return wanted.withIds(
        line ->
            known
                .find(NameKind.TOPIC, line.name())
                .map(Name::id)
                .filter(taken::add)
                .orElseGet(UUID::randomUUID));
  }

  private static Map<UUID, String> renamed(Topics before, Topics after) {
    var old = texts(before);
    var renamed = new HashMap<UUID, String>();
    texts(after)
        .forEach(
            (id, text) -> {
              if (old.containsKey(id) && !old.get(id).equals(text)) {
                renamed.put(id, text);
              }
            });
    return renamed;
  }

  private static Map<UUID, String> texts(Topics topics) {
    var texts = new HashMap<UUID, String>();
    topics.areas().stream()
        .flatMap(area -> area.topics().stream())
        .forEach(t -> texts.put(t.id(), t.name()));
    return texts;
  }

  /** Goes back to the topics that ship. */
  @Transactional
  Topics reset() {
    var renamed = renamed(topics.read(), topics.shipped());
    repository.deleteAll();
    repository.flush();
    renamed.forEach(nameChanges::renamedInTaxonomy);
    return topics.shipped();
  }
}
