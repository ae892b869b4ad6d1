package humblequill.server.book;

import humblequill.core.book.Binding;
import humblequill.core.book.Format;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What the learner told of a book; its id is that of its name. */
@Entity
@Table(name = "book")
class BookEntity implements Persistable<UUID> {
  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;
  @Nullable Integer widthMm;
  @Nullable Integer heightMm;
  @Nullable Integer leaves;
  boolean bothSides = true;

  @Enumerated(EnumType.STRING)
  Binding binding = Binding.BOUND;

  @Nullable Integer grams;
  @Nullable BigDecimal price;
  String currency = "";

  /** What its paper takes, as in docs/formats/stored.md. */
  @Lob String paper = "[]";

  /** Rules to keep, as words with blanks between. */
  String rules = "";

  String colours = "";
  String goal = "";
  boolean keptPrivate;
  boolean notShown;
  boolean notJudged;
  @Nullable LocalDate opened;
  @Nullable LocalDate closed;
  @Nullable Integer keptShare;
  boolean removed;

  /** What it tells, apart from the database. */
  ToldBook told() {
    return new ToldBook(
        version == null ? 0 : version + 1,
        widthMm == null || heightMm == null
            ? Optional.empty()
            : Optional.of(new Format(widthMm, heightMm)),
        leaves,
        bothSides,
        binding,
        grams,
        price,
        currency,
        StoredPaper.read(paper),
        ToldBook.rules(rules),
        colours,
        goal,
        keptPrivate,
        notShown,
        notJudged,
        opened,
        closed,
        keptShare,
        removed);
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
