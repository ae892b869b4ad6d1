package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Books filled in a year, by hand. */
class FilledBooksTest {
  private static FilledBooks.Filled book(String on, String price, String currency, int pages) {
    return new FilledBooks.Filled(
        LocalDate.parse(on),
        Optional.ofNullable(price).map(BigDecimal::new),
        currency,
        pages,
        pages * 6);
  }

  @Test
  void each_counts_in_its_quarter_and_prices_of_one_currency_are_taken_together() {
    var filled =
        FilledBooks.of(
            2026,
            List.of(
                book("2025-12-31", "99", "EUR", 10),
                book("2026-01-01", "10.00", "EUR", 80),
                book("2026-03-31", "14.00", "EUR", 40),
                book("2026-04-01", null, "", 30),
                book("2026-12-31", "12.00", "CHF", 60)));
    assertThat(filled.quarters()).containsExactly(2, 1, 0, 1);
    assertThat(filled.papers()).extracting(p -> p.currency()).containsExactly("CHF", "EUR");
    var euros = filled.papers().get(1);
    assertThat(euros.books()).isEqualTo(2);
    assertThat(euros.cost().perPage()).as("24 for 120 pages").hasValue(new BigDecimal("0.20"));
    assertThat(euros.cost().perHour()).as("24 for 12 hours").hasValue(new BigDecimal("2.00"));
  }

  @Test
  void a_year_without_any_has_none() {
    var filled = FilledBooks.of(2024, List.of(book("2026-01-01", "10", "EUR", 80)));
    assertThat(filled.quarters()).containsExactly(0, 0, 0, 0);
    assertThat(filled.papers()).isEmpty();
  }
}
