package humblequill.server.topic;

import humblequill.core.topic.Topic;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Areas with their topics.
 *
 * @param version counts changes; 0 while they are those that ship
 */
public record Topics(
    long version, @NotNull @Size(min = 1, max = 60) List<@Valid @NotNull AreaOfTopics> areas) {
  /**
   * One area.
   *
   * @param simple what the first depth means in it
   * @param grouped what the second depth means
   * @param detailed what the third depth means
   */
  public record AreaOfTopics(
      @NotBlank @Size(max = 80) String name,
      @NotNull @Size(max = 200) String simple,
      @NotNull @Size(max = 200) String grouped,
      @NotNull @Size(max = 200) String detailed,
      @NotNull @Size(max = 120) List<@Valid @NotNull TopicLine> topics) {}

  /**
   * One topic.
   *
   * @param id its identity; null for a new one
   * @param needs names of topics that come first
   * @param alsoCalled other names
   */
  public record TopicLine(
      @Nullable UUID id,
      @NotBlank @Size(max = 80) String name,
      @NotNull @Size(max = 20) List<@NotBlank String> needs,
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 80) String> alsoCalled) {
    Topic in(String area) {
      return new Topic(name, area, needs, alsoCalled);
    }

    TopicLine like(Topic topic) {
      return new TopicLine(id, topic.name(), topic.needs(), topic.alsoCalled());
    }
  }

  /** All topics, area by area. */
  List<Topic> asTopics() {
    return areas.stream()
        .flatMap(area -> area.topics.stream().map(line -> line.in(area.name)))
        .toList();
  }

  /** The same with an identity for every topic. */
  Topics withIds(Function<TopicLine, UUID> fresh) {
    return each(
        (area, line) ->
            line.id != null
                ? line
                : new TopicLine(fresh.apply(line), line.name, line.needs, line.alsoCalled));
  }

  /** The same with another line for each. */
  Topics each(BiFunction<AreaOfTopics, TopicLine, TopicLine> other) {
    return new Topics(
        version,
        areas.stream()
            .map(
                area ->
                    new AreaOfTopics(
                        area.name,
                        area.simple,
                        area.grouped,
                        area.detailed,
                        area.topics.stream().map(line -> other.apply(area, line)).toList()))
            .toList());
  }
}
