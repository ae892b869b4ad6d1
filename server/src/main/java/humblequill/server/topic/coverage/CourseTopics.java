package humblequill.server.topic.coverage;

import humblequill.core.topic.coverage.Spacing;
import humblequill.core.topic.coverage.TopicState;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.shelf.Teaching;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A course by its topics: what a week planned and what was drawn, and what comes up but once. */
@Service
class CourseTopics {
  private final PlacementService placements;
  private final Standings standings;
  private final SettingsService settings;
  private final NameService names;
  private final Teaching teaching;

  CourseTopics(
      PlacementService placements,
      Standings standings,
      SettingsService settings,
      NameService names,
      Teaching teaching) {
    this.teaching = teaching;
    this.placements = placements;
    this.standings = standings;
    this.settings = settings;
    this.names = names;
  }

  /**
   * Topics of a course.
   *
   * @param topics those of the week
   * @param teachers what on the shelf teaches them
   * @param once topics that the course takes up but once
   */
  record TopicsOfCourse(
      List<TopicOfWeek> topics, List<Teaching.Teacher> teachers, List<TopicOnce> once) {}

  /**
   * A topic that a week plans.
   *
   * @param id null for a word of the course that is no topic of the learner's yet
   * @param minutes drawn of it within the week
   */
  record TopicOfWeek(@Nullable UUID id, String topic, TopicState state, int minutes) {}

  /**
   * A topic that comes up but once.
   *
   * @param number of its week; null where the course gives it none
   * @param returns keys of weeks to come in which it could return
   */
  record TopicOnce(String topic, @Nullable Integer number, List<String> returns) {}

  @Transactional(readOnly = true)
  TopicsOfCourse read(UUID placement, String weekKey) {
    var plan = placements.need(placement).placement();
    var week = plan.week(weekKey).orElseThrow(() -> Refusal.notFound("week", weekKey));
    var known = standings.of(settings.learner());
    var topics =
        Spacing.topics(week, t -> Standings.called(known.graph(), t)).stream()
            .map(
                topic ->
                    new TopicOfWeek(
                        CoverageService.idOf(names.names(), topic),
                        topic,
                        known.of(topic).state(),
                        known
                            .ledger()
                            .minutesOf(topic)
                            .byDay()
                            .subMap(week.from(), week.to().plusDays(1))
                            .values()
                            .stream()
                            .mapToInt(m -> m)
                            .sum()))
            .toList();
    var once =
        Spacing.of(plan, t -> Standings.called(known.graph(), t), known.today()).stream()
            .map(o -> new TopicOnce(o.topic(), o.number().orElse(null), o.returns()))
            .toList();
    var teachers = teaching.of(topics.stream().map(TopicOfWeek::topic).toList());
    return new TopicsOfCourse(topics, teachers, once);
  }
}
