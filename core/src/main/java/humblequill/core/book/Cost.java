package humblequill.core.book;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * What a book's paper came to so far.
 *
 * @param perPage price ÷ pages drawn on; empty before the first
 * @param perHour price ÷ hours drawn in it; empty before the first minute
 */
public record Cost(Optional<BigDecimal> perPage, Optional<BigDecimal> perHour) {
  private static final int DIGITS = 2;

  /**
   * @param price of the book, 0 or more
   * @param pages drawn on
   * @param minutes drawn in it
   */
  public static Cost of(BigDecimal price, int pages, int minutes) {
    return new Cost(
        pages == 0
            ? Optional.empty()
            : Optional.of(price.divide(BigDecimal.valueOf(pages), DIGITS, RoundingMode.HALF_UP)),
        minutes == 0
            ? Optional.empty()
            : Optional.of(
                price
                    .multiply(BigDecimal.valueOf(60))
                    .divide(BigDecimal.valueOf(minutes), DIGITS, RoundingMode.HALF_UP)));
  }
}
