package humblequill.server.topic;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
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
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 80) String> alsoCalled) {}

  /** The same with an identity for every topic. */
  Topics withIds(Function<TopicLine, UUID> fresh) {
    return new Topics(
        version,
        areas.stream()
            .map(
                a ->
                    new AreaOfTopics(
                        a.name,
                        a.simple,
                        a.grouped,
                        a.detailed,
                        a.topics.stream()
                            .map(
                                t ->
                                    t.id != null
                                        ? t
                                        : new TopicLine(
                                            fresh.apply(t), t.name, t.needs, t.alsoCalled))
                            .toList()))
            .toList());
  }
}
