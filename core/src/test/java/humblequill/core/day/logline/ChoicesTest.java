package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a phrase could be instead, each with the line that says so. */
class ChoicesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static List<Phrase.Choice> choices(String line, Phrase.Field field, Habits habits) {
    return new LogLine(HarbourWords.vocabulary(), (exercise, topic) -> habits)
        .read(line, TODAY).phrases().stream()
            .filter(p -> p.field() == field)
            .findFirst()
            .orElseThrow()
            .choices();
  }

  @Test
  void a_medium_offers_all_other_media_in_its_place() {
    var others = choices("3 gulls, pen, 5 min", Phrase.Field.MEDIUM, Habits.NONE);
    assertThat(others).extracting(Phrase.Choice::label).contains("charcoal").doesNotContain("pen");
    assertThat(others).extracting(Phrase.Choice::line).contains("3 gulls, charcoal, 5 min");
  }

  @Test
  void what_was_filled_in_offers_all_others_and_none() {
    var last = new Habits(Optional.of("life"), Optional.of("pen"), Optional.empty());
    var others = choices("3 gulls, 5 min", Phrase.Field.MEDIUM, last);
    assertThat(others)
        .extracting(Phrase.Choice::label)
        .contains("charcoal", "no medium")
        .doesNotContain("pen");
    assertThat(others).extracting(Phrase.Choice::line).contains("3 gulls, 5 min, no medium");
  }

  @Test
  void a_topic_offers_the_exercises_that_could_be_meant() {
    var others = choices("3 boats", Phrase.Field.TOPIC, Habits.NONE);
    assertThat(others).extracting(Phrase.Choice::label).anyMatch(l -> l.contains("low tide"));
    assertThat(others).extracting(Phrase.Choice::label).doesNotContain("boats");
  }

  @Test
  void two_lengths_offer_a_line_with_each_alone() {
    assertThat(choices("10 min, 3 gulls, 5 min", Phrase.Field.MINUTES, Habits.NONE))
        .extracting(Phrase.Choice::line)
        .containsExactlyInAnyOrder("10 min, 3 gulls", "3 gulls, 5 min");
  }
}
