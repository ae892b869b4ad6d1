package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.Study;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Bounds of remarks are common practice, no published source. */
class BalanceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static final TopicGraph GRAPH =
      new TopicGraph(
          List.of(
              new Topic("hulls", "Boats", List.of(), List.of()),
              new Topic("ropes", "Boats", List.of(), List.of()),
              new Topic("gulls", "Living", List.of(), List.of())));

  private static Drawn drawn(
      int daysAgo, Set<String> topics, String source, int drawings, int minutes) {
    return drawn(daysAgo, topics, source, drawings, minutes, Drawn.Learned.NOTHING);
  }

  private static Drawn drawn(
      int daysAgo,
      Set<String> topics,
      String source,
      int drawings,
      int minutes,
      Drawn.Learned learned) {
    return new Drawn(
        UUID.randomUUID(),
        TODAY.minusDays(daysAgo),
        "",
        Optional.empty(),
        Optional.empty(),
        topics,
        Optional.of("pen"),
        Optional.of(source).filter(s -> !s.isEmpty()),
        Optional.empty(),
        Optional.of(drawings),
        new Minutes(minutes, true),
        0,
        0,
        0,
        learned);
  }

  private static Drawn one(
      int daysAgo,
      String topic,
      String source,
      int minutes,
      Drawn.Purpose purpose,
      String resource) {
    return drawn(
        daysAgo,
        Set.of(topic),
        source,
        1,
        minutes,
        new Drawn.Learned(
            purpose, Optional.of(resource).filter(r -> !r.isEmpty()), Study.NONE, false));
  }

  private static Balance.Strip strip(Balance balance, Balance.By by) {
    return balance.strips().stream().filter(s -> s.by() == by).findFirst().orElseThrow();
  }

  @Test
  void an_entry_of_several_topics_is_split_evenly() {
    var balance =
        Balance.of(
            List.of(
                drawn(1, Set.of("hulls", "gulls"), "life", 3, 30),
                drawn(2, Set.of("ropes"), "", 30, 20)),
            GRAPH,
            d -> false);
    assertThat(balance.minutes()).isEqualTo(50);
    assertThat(strip(balance, Balance.By.AREA).parts())
        .containsExactly(new Balance.Part("Boats", 35), new Balance.Part("Living", 15));
    assertThat(strip(balance, Balance.By.SOURCE).parts())
        .as("what was not said comes last")
        .containsExactly(new Balance.Part("life", 30), new Balance.Part("", 20));
    assertThat(strip(balance, Balance.By.SOURCE).asIf()).isCloseTo(1, within(1e-12));
    assertThat(strip(balance, Balance.By.LENGTH).parts())
        .containsExactly(
            new Balance.Part("FIVE_TO_TWENTY", 30), new Balance.Part("UNDER_ONE_MINUTE", 20));
  }

  @Test
  void what_drawings_show_is_split_too_and_left_out_where_none_tells_it() {
    var head = drawn(1, Set.of("gulls"), "life", 1, 30);
    var told = Balance.of(List.of(Drawns.showing(head, "front", "old"), head), GRAPH, d -> false);
    assertThat(strip(told, Balance.By.FACET).parts())
        .containsExactly(
            new Balance.Part("front", 15), new Balance.Part("old", 15), new Balance.Part("", 30));
    assertThat(Balance.of(List.of(head), GRAPH, d -> false).strips())
        .noneMatch(s -> s.by() == Balance.By.FACET);
  }

  @Property
  void every_strip_adds_up_to_the_minutes_drawn(
      @ForAll @Size(max = 30) List<@IntRange(max = 400) Integer> minutes,
      @ForAll @IntRange(min = 1, max = 9) int drawings) {
    var all = new ArrayList<Drawn>();
    var topics =
        List.of(Set.of("hulls", "ropes", "gulls"), Set.<String>of(), Set.of("hulls", "of my own"));
    for (int i = 0; i < minutes.size(); i++) {
      all.add(drawn(i, topics.get(i % 3), i % 2 == 0 ? "life" : "", drawings, minutes.get(i)));
    }
    var balance = Balance.of(all, GRAPH, d -> d.topics().isEmpty());
    int total = minutes.stream().mapToInt(m -> m).sum();
    assertThat(balance.minutes()).isEqualTo(total);
    for (var strip : balance.strips()) {
      assertThat(strip.parts().stream().mapToDouble(Balance.Part::minutes).sum())
          .isCloseTo(total, within(1e-6));
    }
  }

  private static List<BalanceRemark> remarks(List<Drawn> drawn) {
    return BalanceRemark.on(
        TODAY,
        Ledger.of(drawn),
        d -> d.source().equals(Optional.of("life")),
        d -> d.learned().purpose() == Drawn.Purpose.FREE,
        resource -> Optional.of("BOOK").filter(k -> resource.endsWith("book")));
  }

  @Test
  void nothing_from_life_is_said_after_five_weeks_of_drawing() {
    var all = new ArrayList<Drawn>();
    all.add(drawn(36, Set.of("hulls"), "life", 1, 20));
    for (int i = 0; i < 6; i++) {
      all.add(drawn(i * 3, Set.of("hulls"), "photo", 1, 20));
    }
    assertThat(remarks(all))
        .singleElement()
        .satisfies(
            r -> {
              assertThat(r.kind()).isEqualTo(BalanceRemark.Kind.NOTHING_FROM_LIFE);
              assertThat(r.days()).contains(36L);
            });
    all.add(drawn(34, Set.of("hulls"), "life", 1, 20));
    assertThat(remarks(all)).isEmpty();
  }

  @Test
  void all_of_a_topic_from_one_resource_is_said_above_seventy_percent() {
    var mine =
        List.of(
            one(3, "hulls", "photo", 71, Drawn.Purpose.FREE, "keel book"),
            one(2, "hulls", "life", 29, Drawn.Purpose.FREE, ""));
    assertThat(remarks(mine))
        .singleElement()
        .satisfies(
            r -> {
              assertThat(r.kind()).isEqualTo(BalanceRemark.Kind.ONE_RESOURCE);
              assertThat(r.resource()).contains("keel book");
              assertThat(r.percent()).isEqualTo(71);
            });
    assertThat(remarks(mine.subList(1, 2))).isEmpty();
  }

  @Test
  void several_of_one_kind_are_said_where_none_of_them_is_alone() {
    var books =
        List.of(
            one(3, "hulls", "photo", 40, Drawn.Purpose.FREE, "keel book"),
            one(2, "hulls", "photo", 40, Drawn.Purpose.FREE, "rail book"),
            one(1, "hulls", "life", 20, Drawn.Purpose.FREE, "evening group"));
    assertThat(remarks(books))
        .singleElement()
        .satisfies(
            r -> {
              assertThat(r.kind()).isEqualTo(BalanceRemark.Kind.ONE_KIND);
              assertThat(r.resource()).contains("BOOK");
              assertThat(r.percent()).isEqualTo(80);
            });
  }

  @Test
  void what_was_newly_studied_is_to_be_put_to_use_within_a_fortnight() {
    var studied = one(15, "gulls", "photo", 30, Drawn.Purpose.STUDY, "");
    assertThat(remarks(List.of(studied)))
        .singleElement()
        .satisfies(r -> assertThat(r.kind()).isEqualTo(BalanceRemark.Kind.NOT_APPLIED));
    var used = one(9, "gulls", "life", 30, Drawn.Purpose.APPLIED, "");
    assertThat(remarks(List.of(studied, used))).isEmpty();
    var lately = one(14, "ropes", "photo", 30, Drawn.Purpose.STUDY, "");
    assertThat(remarks(List.of(lately))).isEmpty();
  }
}
