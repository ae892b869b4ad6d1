package humblequill.server.book;

import humblequill.core.book.BookInUse;
import humblequill.core.book.Format;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameChanges;
import humblequill.server.ground.name.NameService;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is told of books. A book that entries name needs nothing to be told of it. */
@Service
public class BookService {
  private final BookRepository repository;
  private final NameService names;
  private final NameChanges nameChanges;
  private final ToldBooks books;

  BookService(
      BookRepository repository, ToldBooks books, NameService names, NameChanges nameChanges) {
    this.repository = repository;
    this.names = names;
    this.nameChanges = nameChanges;
    this.books = books;
  }

  /** Books that something was told of, as they are called now. */
  @Transactional(readOnly = true)
  public List<BookInUse.Told> told() {
    var known = names.names();
    return books.all().entrySet().stream()
        .flatMap(
            e ->
                known.find(e.getKey()).stream()
                    .map(
                        name ->
                            new BookInUse.Told(
                                name.text(),
                                Optional.ofNullable(e.getValue().opened()),
                                e.getValue().closed() != null || e.getValue().removed())))
        .toList();
  }

  /** The name of a book, or of the one it was merged into. */
  Name name(UUID id) {
    return names
        .names()
        .find(id)
        .filter(name -> name.kind() == NameKind.BOOK)
        .orElseThrow(() -> Refusal.notFound("book", id));
  }

  /** What is told of a book. */
  BookFields fields(UUID id) {
    var name = name(id);
    return books.of(name.id()).fields(name.text(), names.names());
  }

  /** A new book; told twice it is made once. */
  @Transactional
  public void create(UUID id, BookFields fields) {
    var there = names.names().itself(id);
    if (there.isEmpty()) {
      try {
        nameChanges.create(Name.fresh(id, NameKind.BOOK, fields.name()));
      } catch (IllegalArgumentException e) {
        throw Refusal.badValue(
            "name", fields.name(), Message.of("ground.notKept", "why", Message.why(e)));
      }
    } else if (books.all().containsKey(id)) {
      return;
    }
    write(id, null, fields);
  }

  /** Other facts of a book, unless they were changed since the client read them. */
  @Transactional
  public void change(UUID id, UUID renaming, long version, BookFields fields) {
    var name = name(id);
    if (!name.text().equals(fields.name().strip())) {
      nameChanges.rename(renaming, name.id(), fields.name());
    }
    write(name.id(), version, fields);
  }

  private void write(UUID id, @Nullable Long version, BookFields fields) {
    var entity = repository.findById(id).orElseGet(BookEntity::new);
    long present = entity.version == null ? 0 : entity.version + 1;
    if (version != null && present != version) {
      throw Refusal.stale("book", fields(id));
    }
    var format = format(fields.format());
    var paper = new ArrayList<StoredPaper>();
    for (var each : fields.paper()) {
      var medium = names.refer(NameKind.MEDIUM, each.medium());
      paper.add(new StoredPaper(Objects.requireNonNull(medium), StoredJson.word(each.takes())));
    }
    entity.id = id;
    entity.widthMm = format.map(Format::widthMm).orElse(null);
    entity.heightMm = format.map(Format::heightMm).orElse(null);
    entity.leaves = fields.leaves();
    entity.bothSides = fields.bothSides();
    entity.binding = fields.binding();
    entity.grams = fields.grams();
    entity.price = fields.price();
    entity.currency = fields.currency();
    entity.paper = StoredPaper.write(paper);
    entity.rules =
        fields.rules().stream().distinct().map(StoredJson::word).collect(Collectors.joining(" "));
    entity.colours = fields.colours().strip();
    entity.goal = fields.goal().strip();
    entity.keptPrivate = fields.keptPrivate();
    entity.notShown = fields.notShown();
    entity.notJudged = fields.notJudged();
    entity.opened = fields.opened();
    entity.closed = fields.closed();
    entity.keptShare = fields.keptShare();
    try {
      entity.told().toCore(fields.name());
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue(
          "closed", fields.closed(), Message.of("ground.notKept", "why", Message.why(e)));
    }
    books.save(entity);
  }

  private static Optional<Format> format(String text) {
    if (text.isBlank()) {
      return Optional.empty();
    }
    var read = Format.read(text);
    if (read.isEmpty()) {
      throw Refusal.badValue("format", text, Message.of("book.noFormat", "text", text.strip()));
    }
    return read;
  }

  /** Takes a book off the shelf, or puts it back; nothing that hangs on it is lost. */
  @Transactional
  void remove(UUID id, boolean removed) {
    var name = name(id);
    var entity = repository.findById(name.id()).orElseGet(BookEntity::new);
    entity.id = name.id();
    entity.removed = removed;
    books.save(entity);
  }
}
