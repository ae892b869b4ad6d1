package humblequill.core.book;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * A sketchbook as the learner describes it. A name alone is enough; all else can follow.
 *
 * @param name as it is called
 * @param format the size of a page
 * @param leaves how many, 1 to {@value #MAX_LEAVES}
 * @param bothSides whether both sides of a leaf are used
 * @param binding how the leaves hold together
 * @param price what it cost
 * @param opened the first day in use
 * @param closed the day it was put away
 */
public record Book(
    String name,
    Optional<Format> format,
    Optional<Integer> leaves,
    boolean bothSides,
    Binding binding,
    Optional<BigDecimal> price,
    Optional<LocalDate> opened,
    Optional<LocalDate> closed) {
  /** The most leaves, so that the last page keeps a number that an entry can name. */
  public static final int MAX_LEAVES = 1000;

  public Book {
    Objects.requireNonNull(binding, "binding");
    leaves.ifPresent(
        n -> {
          if (n < 1 || n > MAX_LEAVES) {
            throw new InvalidException(
                Message.of("book.leavesWithin", "most", MAX_LEAVES, "leaves", n));
          }
        });
    price.ifPresent(
        p -> {
          if (p.signum() < 0) {
            throw new InvalidException(Message.of("book.priceBelowZero", "price", p));
          }
        });
    if (opened.isPresent() && closed.isPresent() && closed.get().isBefore(opened.get())) {
      throw new InvalidException(Message.of("book.closedBeforeOpened", "closed", closed.get()));
    }
  }

  /** A book of which only the name is known. */
  public static Book named(String name) {
    return new Book(
        name,
        Optional.empty(),
        Optional.empty(),
        true,
        Binding.BOUND,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** How many pages can be used; empty where nobody counted the leaves. */
  public Optional<Integer> pageCount() {
    return leaves.map(n -> n * pagesALeaf());
  }

  /** How many pages a leaf has: 2, or 1 where its back is left free. */
  public int pagesALeaf() {
    return bothSides ? 2 : 1;
  }
}
