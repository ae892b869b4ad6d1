package humblequill.core.book;

import static humblequill.core.book.Drawings.drawn;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PageMapTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Book book(int leaves, boolean bothSides, Binding binding) {
    return new Book(
        "Harbour book",
        Optional.of(Format.iso('A', 4)),
        Optional.of(leaves),
        bothSides,
        binding,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  @Test
  void how_full_a_book_is_cannot_be_told_before_its_leaves_are_counted() {
    var uncounted = Book.named("Harbour book");
    var map = PageMap.of(uncounted, List.of(), List.of(drawn("Harbour book", MONDAY, 1, 3)));
    assertThat(map.drawnOn()).isEqualTo(3);
    assertThat(map.filledShare()).isEmpty();
    assertThat(map.left()).isEmpty();
  }

  private static PageFact fact(int number, PageState state, int pictures) {
    return new PageFact(UUID.randomUUID(), number, state, "", false, pictures);
  }

  @Test
  void pages_lie_open_as_bound() {
    var openings = PageMap.of(book(3, true, Binding.BOUND), List.of(), List.of()).openings();
    assertThat(openings)
        .extracting(
            o -> o.left().map(Page::number).orElse(0), o -> o.right().map(Page::number).orElse(0))
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(0, 1),
            org.assertj.core.groups.Tuple.tuple(2, 3),
            org.assertj.core.groups.Tuple.tuple(4, 5),
            org.assertj.core.groups.Tuple.tuple(6, 0));
    assertThat(PageMap.of(book(3, false, Binding.BOUND), List.of(), List.of()).openings())
        .hasSize(3)
        .allMatch(o -> o.left().isEmpty());
    assertThat(PageMap.of(book(2, true, Binding.LOOSE), List.of(), List.of()).openings())
        .hasSize(4);
  }

  @Test
  void a_page_is_what_was_told_or_what_its_entries_make_it() {
    var map =
        PageMap.of(
            book(5, true, Binding.BOUND),
            List.of(
                fact(2, PageState.KEPT_FREE, 0),
                fact(3, PageState.KEPT_FREE, 0),
                fact(4, PageState.TORN_OUT, 0),
                fact(5, PageState.UNTOUCHED, 1),
                fact(6, PageState.GLUED_IN, 0)),
            List.of(drawn("Harbour book", MONDAY, 1, 1), drawn("Harbour book", MONDAY, 3, 4)));
    assertThat(map.pages())
        .extracting(Page::state)
        .startsWith(
            PageState.DRAWN,
            PageState.KEPT_FREE,
            PageState.DRAWN,
            PageState.TORN_OUT,
            PageState.DRAWN,
            PageState.GLUED_IN,
            PageState.UNTOUCHED);
    assertThat(map.drawnOn()).isEqualTo(4);
    assertThat(map.left()).contains(4);
    assertThat(map.filledShare()).contains(0.5);
  }

  @Test
  void several_entries_on_a_page_are_layers_and_count_once() {
    var map =
        PageMap.of(
            book(5, true, Binding.BOUND),
            List.of(),
            List.of(
                drawn("Harbour book", MONDAY, 1, 2),
                drawn("Harbour book", MONDAY.plusDays(3), 2, 3)));
    assertThat(map.page(2).orElseThrow().layers()).hasSize(2);
    assertThat(map.newlyDrawn().on(MONDAY)).isEqualTo(2);
    assertThat(map.newlyDrawn().on(MONDAY.plusDays(3))).isEqualTo(1);
    // Three pages in six days.
    assertThat(map.pagesADay(MONDAY, MONDAY.plusDays(5))).isEqualTo(0.5);
  }

  @Test
  void a_book_nobody_counted_has_the_pages_that_are_known_of() {
    var map =
        PageMap.of(Book.named("Old one"), List.of(), List.of(drawn("Old one", MONDAY, 12, 13)));
    assertThat(map.pages()).hasSize(13);
    assertThat(map.left()).isEmpty();
    assertThat(map.page(14)).isEmpty();
    assertThat(map.page(0)).isEmpty();
  }

  @Test
  void what_cannot_be_is_not_built() {
    assertThatThrownBy(() -> book(0, true, Binding.BOUND)).hasMessageContaining("=0");
    assertThatThrownBy(() -> book(1001, true, Binding.BOUND)).hasMessageContaining("1001");
    assertThatThrownBy(() -> fact(0, PageState.DRAWN, 0)).hasMessageContaining("=0");
    assertThatThrownBy(
            () ->
                new Book(
                    "b",
                    Optional.empty(),
                    Optional.empty(),
                    true,
                    Binding.RING,
                    Optional.of(new BigDecimal("-1")),
                    Optional.empty(),
                    Optional.empty()))
        .hasMessageContaining("-1");
  }

  @Test
  void price_by_page_and_hour() {
    var cost = Cost.of(new BigDecimal("12.50"), 74, 2205);
    assertThat(cost.perPage()).contains(new BigDecimal("0.17"));
    assertThat(cost.perHour()).contains(new BigDecimal("0.34"));
    assertThat(Cost.of(BigDecimal.TEN, 0, 0))
        .isEqualTo(new Cost(Optional.empty(), Optional.empty()));
  }

  @Test
  void a_page_alone_means_the_open_book_of_the_medium_or_the_last_one() {
    var all =
        List.of(
            drawn("Wash book", MONDAY, 1, 1, "ink wash"),
            drawn("Pen book", MONDAY.plusDays(1), 1, 1, "pen"),
            drawn("Old pen book", MONDAY.plusDays(2), 1, 1, "pen"));
    var closed = List.of(new BookInUse.Told("Old pen book", Optional.empty(), true));
    assertThat(BookInUse.of(all, closed, Optional.of("ink wash"))).contains("Wash book");
    assertThat(BookInUse.of(all, closed, Optional.of("pen"))).contains("Pen book");
    assertThat(BookInUse.of(all, closed, Optional.of("charcoal"))).contains("Pen book");
    assertThat(BookInUse.of(all, List.of(), Optional.empty())).contains("Old pen book");
    assertThat(BookInUse.of(List.of(), closed, Optional.empty())).isEmpty();
  }

  private static BookInUse.Told fresh(String name, LocalDate opened) {
    return new BookInUse.Told(name, Optional.ofNullable(opened), false);
  }

  /** Common practice, no published source: who opens the next book draws in it. */
  @Test
  void a_book_that_was_just_opened_is_meant() {
    var pen = Optional.of("pen");
    var all = List.of(drawn("Old one", MONDAY.plusDays(3), 1, 1, "pen"));
    var next = fresh("Next one", MONDAY.plusDays(3));
    assertThat(BookInUse.of(all, List.of(next), pen)).contains("Next one");
    var earlier = fresh("Next one", MONDAY.plusDays(2));
    assertThat(BookInUse.of(all, List.of(earlier), pen)).contains("Old one");
    assertThat(BookInUse.of(all, List.of(fresh("Undated", null)), pen)).contains("Old one");
    var away = new BookInUse.Told("Old one", Optional.empty(), true);
    assertThat(BookInUse.of(all, List.of(away, earlier), pen)).contains("Next one");
    assertThat(BookInUse.of(List.of(), List.of(fresh("Only", null)), pen)).contains("Only");
    assertThat(BookInUse.of(List.of(), List.of(fresh("A", null), fresh("B", null)), pen)).isEmpty();
  }
}
