package humblequill.server.book;

import humblequill.core.day.entry.Drawn;
import humblequill.server.book.rule.RuleAnswers;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.name.NameService;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Rules that books want kept. */
@Component
public class BookRules {
  private final ToldBooks books;
  private final EntryLedger ledger;
  private final NameService names;

  BookRules(ToldBooks books, EntryLedger ledger, NameService names) {
    this.books = books;
    this.ledger = ledger;
    this.names = names;
  }

  /** What books want of the entries of a day. */
  @Transactional(readOnly = true)
  public List<RuleAnswers.Wish> wishes(LocalDate day) {
    var strict = books.all().entrySet().stream().filter(b -> !b.getValue().rules().isEmpty());
    var known = names.names();
    var drawn = ledger.read().between(day, day);
    return strict
        .map(b -> wish(NameService.called(known, b.getKey()), b.getValue(), drawn))
        .filter(w -> !w.drawn().isEmpty())
        .toList();
  }

  private static RuleAnswers.Wish wish(String book, ToldBook told, List<Drawn> drawn) {
    return new RuleAnswers.Wish(
        book,
        told.rules(),
        drawn.stream().filter(d -> d.book().filter(book::equals).isPresent()).toList());
  }
}
