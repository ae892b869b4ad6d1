package humblequill.core.shelf;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Minutes;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bounds are common practice, no published source. */
class ResourceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static ResourceUse read(int daysAgo, int pages) {
    var entry =
        new Drawn(
            UUID.randomUUID(),
            TODAY.minusDays(daysAgo),
            "",
            Optional.empty(),
            Optional.empty(),
            Set.of("hulls"),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            new Minutes(30, true),
            0,
            0,
            0,
            new Drawn.Learned(
                Drawn.Purpose.STUDY,
                Optional.of("keel"),
                new Study(
                    Optional.of(new Units(UnitKind.PAGE, 1, pages)),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()),
                false));
    return use(List.of(entry));
  }

  private static ResourceUse use(List<Drawn> drawn) {
    return ResourceUse.of(
        drawn, Optional.of(UnitKind.PAGE), OptionalInt.of(100), List.of(), DayOfWeek.MONDAY);
  }

  private static final ResourceUse UNREAD = use(List.of());

  private static Resource resource(Ownership whose, boolean queued, ResourceUse use) {
    return new Resource(
        ResourceRole.TEACHES, whose, List.of(), true, queued, Optional.empty(), 0, false, use);
  }

  @ParameterizedTest
  @CsvSource({
    "21, 9, READING",
    "22, 9, LEFT_OFF",
    "60, 99, LEFT_OFF",
    "60, 100, AT_HAND",
    "1, 100, AT_HAND",
  })
  void it_is_left_off_after_three_weeks_unless_all_of_its_hundred_pages_were_read(
      int daysAgo, int pages, Resource.Place place) {
    assertThat(resource(Ownership.OWNED, false, read(daysAgo, pages)).place(TODAY))
        .isEqualTo(place);
  }

  @Test
  void the_queue_ends_with_the_first_page() {
    assertThat(resource(Ownership.OWNED, true, UNREAD).place(TODAY))
        .isEqualTo(Resource.Place.QUEUED);
    assertThat(resource(Ownership.OWNED, true, read(0, 1)).place(TODAY))
        .isEqualTo(Resource.Place.READING);
    assertThat(resource(Ownership.OWNED, false, UNREAD).place(TODAY))
        .isEqualTo(Resource.Place.AT_HAND);
    assertThat(resource(Ownership.WANTED, true, UNREAD).place(TODAY))
        .isEqualTo(Resource.Place.WANTED);
  }

  private static Resource borrowed(int daysAhead) {
    return new Resource(
        ResourceRole.REFERENCE,
        Ownership.BORROWED,
        List.of(),
        false,
        false,
        Optional.of(TODAY.plusDays(daysAhead)),
        0,
        false,
        UNREAD);
  }

  private static Resource wanted(int times, ResourceUse use) {
    return new Resource(
        ResourceRole.INSPIRES,
        Ownership.WANTED,
        List.of(),
        false,
        false,
        Optional.empty(),
        times,
        false,
        use);
  }

  @Test
  void what_is_due_within_a_fortnight_and_wanted_three_times_is_remarked() {
    assertThat(borrowed(15).remarks(TODAY)).isEmpty();
    assertThat(borrowed(14).remarks(TODAY)).containsExactly(Resource.Remark.DUE);
    assertThat(borrowed(-3).remarks(TODAY)).containsExactly(Resource.Remark.DUE);
    assertThat(wanted(2, UNREAD).remarks(TODAY)).isEmpty();
    assertThat(wanted(3, UNREAD).remarks(TODAY)).containsExactly(Resource.Remark.WANTED_AGAIN);
    assertThat(wanted(3, read(1, 1)).remarks(TODAY)).isEmpty();
  }

  @Test
  void it_is_done_when_no_page_is_left_and_no_date_is_told_then() {
    assertThat(resource(Ownership.OWNED, false, read(3, 100)).finish(TODAY)).isEmpty();
    assertThat(resource(Ownership.OWNED, false, UNREAD).finish(TODAY)).isEmpty();
    assertThat(resource(Ownership.OWNED, false, read(3, 40)).finish(TODAY).orElseThrow().left())
        .isEqualTo(60);
  }

  private static final Placement PLAN =
      Placement.of(
          Courses.of(
              week("Now", List.of("hulls"), drill("a", 5, 60)),
              week("Gulls", List.of("gulls"), drill("b", 5, 60))),
          TODAY);

  @Test
  void a_week_is_taught_by_what_is_told_or_else_by_what_entries_tell() {
    var byEntries = resource(Ownership.OWNED, false, read(1, 2));
    assertThat(byEntries.about()).containsExactly("hulls");
    assertThat(Teachers.missing(PLAN, List.of(byEntries), TODAY))
        .extracting(PlacedWeek::key)
        .containsExactly("2");
    assertThat(Teachers.missing(PLAN, List.of(borrowed(3)), TODAY))
        .as("an empty shelf asks for nothing")
        .isEmpty();
    assertThat(Teachers.missing(PLAN, List.of(byEntries), TODAY.plusDays(60))).isEmpty();
  }

  private static Resource teaching(String topic, boolean queued, ResourceUse use) {
    return new Resource(
        ResourceRole.TEACHES,
        Ownership.OWNED,
        List.of(topic),
        true,
        queued,
        Optional.empty(),
        0,
        false,
        use);
  }

  private static Teachers.OnShelf onShelf(int id, Resource resource, int place) {
    return new Teachers.OnShelf(
        new UUID(0, id), resource, place == 0 ? OptionalInt.empty() : OptionalInt.of(place), false);
  }

  @Test
  void what_was_never_opened_and_teaches_a_topic_is_to_be_taken_up() {
    var gulls = List.of("gulls", "wings");
    var unqueued = onShelf(1, teaching("wings", false, UNREAD), 0);
    var second = onShelf(2, teaching("gulls", true, UNREAD), 2);
    var first = onShelf(3, teaching("hulls", true, UNREAD), 1);
    assertThat(Teachers.next(List.of(unqueued), gulls, TODAY)).hasValue(unqueued.id());
    assertThat(Teachers.next(List.of(unqueued, second, first), gulls, TODAY))
        .as("the one in the queue")
        .hasValue(second.id());
    assertThat(Teachers.next(List.of(unqueued, second), gulls, TODAY))
        .as("it comes next anyway")
        .isEmpty();
    var read = onShelf(4, teaching("gulls", false, read(1, 2)), 0);
    assertThat(Teachers.next(List.of(unqueued, read), gulls, TODAY))
        .as("one is read for it")
        .isEmpty();
    assertThat(Teachers.next(List.of(first), gulls, TODAY)).isEmpty();
    var waits = new Teachers.OnShelf(new UUID(0, 5), second.resource(), OptionalInt.of(3), true);
    assertThat(Teachers.next(List.of(first, waits), gulls, TODAY))
        .as("it comes only after another")
        .isEmpty();
  }
}
