package humblequill.core.topic.coverage;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Course;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.Study;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Common practice, no published source. */
class WarmUpChoiceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static RustAhead.Needed rusty(String topic) {
    var ledger = Ledger.of(List.of(Drawns.of(TODAY.minusDays(90), topic, 3, 70)));
    var standing = TopicStanding.of(topic, ledger, true, TODAY, FreshnessRule.USUAL);
    return new RustAhead.Needed(standing, "hulls", "2", Optional.of(2), "Hulls", TODAY.plusDays(4));
  }

  private static List<String> offered(Set<String> besides) {
    return WarmUpChoice.of(
            List.of(rusty("boxes"), rusty("ellipses"), rusty("lines")),
            Optional.of("gulls"),
            besides)
        .stream()
        .map(WarmUpChoice::topic)
        .toList();
  }

  @Test
  void two_rusty_ones_and_what_was_studied_yesterday() {
    assertThat(offered(Set.of())).containsExactly("boxes", "ellipses", "gulls");
    assertThat(offered(Set.of("boxes", "gulls"))).containsExactly("ellipses", "lines");
  }

  private static Drawn drawn(int daysAgo, String topic, int minutes, Drawn.Purpose purpose) {
    return new Drawn(
        UUID.randomUUID(),
        TODAY.minusDays(daysAgo),
        "",
        Optional.empty(),
        Optional.empty(),
        Set.of(topic),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(1),
        new Minutes(minutes, true),
        0,
        0,
        0,
        new Drawn.Learned(purpose, Optional.empty(), Study.NONE, false));
  }

  @Test
  void yesterday_is_what_took_most_minutes_of_study() {
    var ledger =
        Ledger.of(
            List.of(
                drawn(1, "hulls", 20, Drawn.Purpose.STUDY),
                drawn(1, "gulls", 30, Drawn.Purpose.STUDY),
                drawn(1, "cats", 90, Drawn.Purpose.FREE),
                drawn(2, "ropes", 95, Drawn.Purpose.STUDY)));
    assertThat(WarmUpChoice.studiedYesterday(ledger, TODAY)).contains("gulls");
    assertThat(WarmUpChoice.studiedYesterday(ledger, TODAY.plusDays(1))).isEmpty();
  }

  /** Five entries of 400 s a drawing beside the usual 180 s: (5 × 400 + 5 × 180) ÷ 10 = 290. */
  @Test
  void more_of_it_takes_as_long_as_own_drawings_and_lies_ahead() {
    var weeks = new ArrayList<>(List.of(week("1", List.of("hulls"), drill("e1", 5, 60))));
    for (int i = 2; i <= 6; i++) {
      weeks.add(week("" + i, List.of("hulls"), drill("e" + i, 5, 60)));
    }
    var plan = Placement.of(new Course("c", "C", "", weeks), TODAY.minusDays(7));
    var own = new ArrayList<Drawn>();
    for (int i = 0; i < 5; i++) {
      own.add(Drawns.of(TODAY.minusDays(i), "hulls", 6, 40));
    }
    var more = MoreOfIt.of(plan, own, TODAY);
    assertThat(more.pace().secondsEach()).isEqualTo(290);
    assertThat(more.weeks()).containsExactly("2", "3", "4", "5");
    assertThat(MoreOfIt.of(plan, List.of(), TODAY).pace().secondsEach())
        .isEqualTo(MoreOfIt.USUAL_SECONDS);
    assertThat(MoreOfIt.of(plan, own, TODAY.plusDays(90)).weeks()).isEmpty();
  }
}
