package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.book.TrayProposals.Bare;
import humblequill.core.book.TrayProposals.Rests;
import humblequill.core.book.TrayProposals.Waiting;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class TrayProposalsTest {
  private static final LocalDate TUESDAY = LocalDate.of(2026, 3, 3);

  private static Waiting picture(int n, LocalDate day) {
    return new Waiting(new UUID(0, n), Optional.ofNullable(day), TUESDAY);
  }

  private static Bare page(int number, LocalDate day, String time) {
    return new Bare("Harbour book", number, day, Optional.of(time).map(LocalTime::parse));
  }

  @Test
  void pictures_of_a_day_go_with_its_pages_in_the_order_they_were_drawn() {
    var found =
        TrayProposals.of(
            List.of(picture(1, TUESDAY), picture(2, TUESDAY), picture(3, TUESDAY)),
            List.of(
                page(9, TUESDAY, "07:40"), page(7, TUESDAY, "07:10"), page(8, TUESDAY, "07:20")),
            Optional.empty());
    assertThat(found).extracting(TrayProposals.Proposal::number).containsExactly(7, 8, 9);
    assertThat(found).allMatch(p -> p.rests() == Rests.DAY_AND_COUNT);
  }

  @Test
  void what_does_not_match_in_number_is_a_guess() {
    var found =
        TrayProposals.of(
            List.of(picture(1, TUESDAY), picture(2, TUESDAY)),
            List.of(page(7, TUESDAY, "07:10"), page(6, TUESDAY.minusDays(2), "08:00")),
            Optional.of(page(8, TUESDAY, "07:10")));
    assertThat(found)
        .extracting(TrayProposals.Proposal::number, TrayProposals.Proposal::rests)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(7, Rests.DAY),
            org.assertj.core.groups.Tuple.tuple(6, Rests.DAYS_BEFORE));
  }

  @Test
  void without_a_time_a_page_drawn_lately_is_the_guess_and_then_the_next_one() {
    var found =
        TrayProposals.of(
            List.of(picture(1, null), picture(2, null), picture(3, null)),
            List.of(page(7, TUESDAY, "07:10")),
            Optional.of(page(8, TUESDAY, "07:10")));
    assertThat(found)
        .extracting(TrayProposals.Proposal::number, TrayProposals.Proposal::rests)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(7, Rests.LATELY),
            org.assertj.core.groups.Tuple.tuple(8, Rests.NEXT_PAGE));
  }

  @Test
  void pages_drawn_long_before_are_not_proposed() {
    assertThat(
            TrayProposals.of(
                List.of(picture(1, TUESDAY)),
                List.of(page(3, TUESDAY.minusDays(15), "07:00")),
                Optional.empty()))
        .isEmpty();
  }
}
