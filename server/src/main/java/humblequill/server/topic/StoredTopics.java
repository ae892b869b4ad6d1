package humblequill.server.topic;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The learner's own taxonomy as it is stored. See docs/formats/stored.md. */
record StoredTopics(List<StoredArea> areas) {
  record StoredArea(
      String name, String simple, String grouped, String detailed, List<StoredTopic> topics) {}

  record StoredTopic(@Nullable UUID id, String name, List<String> needs, List<String> alsoCalled) {}

  static StoredTopics of(Topics topics) {
    return new StoredTopics(
        topics.areas().stream()
            .map(
                a ->
                    new StoredArea(
                        a.name(),
                        a.simple(),
                        a.grouped(),
                        a.detailed(),
                        a.topics().stream()
                            .map(t -> new StoredTopic(t.id(), t.name(), t.needs(), t.alsoCalled()))
                            .toList()))
            .toList());
  }

  Topics toTopics(long version) {
    return new Topics(
        version,
        areas.stream()
            .map(
                a ->
                    new Topics.AreaOfTopics(
                        a.name,
                        a.simple,
                        a.grouped,
                        a.detailed,
                        a.topics.stream().map(StoredTopics::line).toList()))
            .toList());
  }

  private static Topics.TopicLine line(StoredTopic t) {
    var id = Objects.requireNonNullElseGet(t.id, () -> Name.given(NameKind.TOPIC, t.name));
    return new Topics.TopicLine(id, t.name, t.needs, t.alsoCalled);
  }
}
