package humblequill.server.book;

import humblequill.core.book.Binding;
import humblequill.core.book.Book;
import humblequill.core.book.Format;
import humblequill.core.ground.name.Names;
import humblequill.core.promise.Rule;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameService;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What was told of a book besides its name.
 *
 * @param version counts changes; 0 while nothing was told
 */
record ToldBook(
    long version,
    Optional<Format> format,
    @Nullable Integer leaves,
    boolean bothSides,
    Binding binding,
    @Nullable Integer grams,
    @Nullable BigDecimal price,
    String currency,
    List<StoredPaper> paper,
    List<Rule> rules,
    String colours,
    String goal,
    boolean keptPrivate,
    boolean notShown,
    boolean notJudged,
    @Nullable LocalDate opened,
    @Nullable LocalDate closed,
    @Nullable Integer keptShare,
    boolean removed) {
  static final ToldBook NOTHING = new BookEntity().told();

  static List<Rule> rules(String stored) {
    return Arrays.stream(stored.split(" "))
        .filter(word -> !word.isEmpty())
        .map(word -> StoredJson.kind(Rule.class, word))
        .toList();
  }

  /** As the rules know it. */
  Book toCore(String name) {
    return new Book(
        name,
        format,
        Optional.ofNullable(leaves),
        bothSides,
        binding,
        Optional.ofNullable(price),
        Optional.ofNullable(opened),
        Optional.ofNullable(closed));
  }

  /** As it is read and written. */
  BookFields fields(String name, Names known) {
    return new BookFields(
        name,
        format.map(Format::written).orElse(""),
        leaves,
        bothSides,
        binding,
        grams,
        price,
        currency,
        paper.stream().map(p -> onPaper(p, known)).toList(),
        rules,
        colours,
        goal,
        keptPrivate,
        notShown,
        notJudged,
        opened,
        closed,
        keptShare);
  }

  private static BookFields.OnPaper onPaper(StoredPaper paper, Names known) {
    var called = NameService.called(known, paper.medium().id());
    return new BookFields.OnPaper(
        Objects.requireNonNullElse(called, paper.medium().text()), paper.paper());
  }
}
