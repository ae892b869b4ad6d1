package humblequill.server.course.placement;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Baseline;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlanChange;
import humblequill.server.ground.data.Golden;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every kind of change is stored and read back as it was. */
class StoredChangesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 5);

  private static List<PlanChange> oneOfEach() {
    var exercise =
        new Baseline(List.of("a \"crate\""), 20, Set.of(Baseline.Moment.END))
            .exercises(Baseline.Moment.END)
            .get(0);
    var week = new CourseWeek("W", "aim", List.of("boxes"), List.of(exercise), List.of("a course"));
    return List.of(
        new PlanChange.Stretch("1", 14),
        new PlanChange.UntilDone("1", true),
        new PlanChange.Repeat("1", "r"),
        new PlanChange.Skip("1", DAY),
        new PlanChange.Swap("1", "2"),
        new PlanChange.Empty("2", "e", 7),
        new PlanChange.Detour("2", "x", List.of(week)),
        new PlanChange.Pause("1", Set.of(DAY, DAY.plusDays(1))),
        new PlanChange.Slide("1", Set.of(DAY)),
        new PlanChange.LetGo("1", Set.of(DAY), Map.of("a", 3)),
        new PlanChange.Drop("1", Map.of("a", 3, "b", 1)),
        new PlanChange.Pace("1", "a", 80),
        new PlanChange.MinutesADay("1", 52),
        new PlanChange.Add("1", exercise),
        new PlanChange.Policy(MissedWork.SLIDE));
  }

  @Test
  void nothing_is_lost() {
    var changes = oneOfEach();
    assertThat(changes.stream().map(Object::getClass).distinct())
        .as("one of each kind there is")
        .hasSize(PlanChange.class.getPermittedSubclasses().length);
    assertThat(StoredChanges.read(StoredChanges.write(changes))).isEqualTo(changes);
  }

  @Test
  void what_databases_out_there_hold_is_read_whole() {
    var stored = Golden.document("changes");
    var changes = StoredChanges.read(stored);
    assertThat(changes.stream().map(Object::getClass).distinct())
        .as("one of each kind there is")
        .hasSize(PlanChange.class.getPermittedSubclasses().length);
    assertThat(Golden.tree(StoredChanges.write(changes))).isEqualTo(Golden.tree(stored));
  }
}
