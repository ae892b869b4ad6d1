package humblequill.server.day.turn;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import humblequill.server.course.plan.PlanService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.sitting.SittingService;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What time alone changes is settled before it is told, and no more often than it must. */
class TurnTest {
  private static final LocalDate THURSDAY = LocalDate.parse("2026-03-05");

  private final SettingsService settings = mock(SettingsService.class);
  private final Learner learner = mock(Learner.class);
  private final PlanService plans = mock(PlanService.class);
  private final SittingService sittings = mock(SittingService.class);
  private final Turn turn = new Turn(settings, plans, sittings);

  @BeforeEach
  void begin() {
    when(settings.learner()).thenReturn(learner);
    when(learner.today()).thenReturn(THURSDAY);
  }

  @Test
  void plans_are_settled_once_a_practice_day_and_a_sitting_under_way_whenever_something_is_asked() {
    turn.settle();
    verify(sittings, times(0)).settle();
    when(sittings.underWay()).thenReturn(Optional.of(UUID.randomUUID()));
    turn.settle();
    turn.settle();
    verify(plans, times(1)).settle();
    verify(sittings, times(2)).settle();
    when(learner.today()).thenReturn(THURSDAY.plusDays(1));
    turn.settle();
    verify(plans, times(2)).settle();
  }

  @Test
  void what_could_not_be_written_is_tried_again_and_reading_goes_on() {
    doThrow(new IllegalStateException("the disk is full")).doNothing().when(plans).settle();
    assertThatCode(turn::settle).doesNotThrowAnyException();
    turn.settle();
    turn.settle();
    verify(plans, times(2)).settle();
  }

  @Test
  void a_clock_that_is_put_back_settles_again() {
    turn.settle();
    when(learner.today()).thenReturn(THURSDAY.minusDays(1));
    turn.settle();
    verify(plans, times(2)).settle();
  }
}
