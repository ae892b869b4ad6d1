package humblequill.server.book;

import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.edge.Refusal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prompts that were worked on further, and the drawings they led to. */
@Service
class PromptPages {
  private final PromptPageRepository repository;
  private final PageService pages;
  private final BookService books;
  private final PagePictures pictures;

  PromptPages(
      PromptPageRepository repository,
      PageService pages,
      BookService books,
      PagePictures pictures) {
    this.repository = repository;
    this.pages = pages;
    this.books = books;
    this.pictures = pictures;
  }

  /** The page of a prompt. */
  record PageOfPrompt(UUID prompt, UUID bookId, String book, int number, @Nullable UUID picture) {}

  @Transactional(readOnly = true)
  List<PageOfPrompt> all() {
    var rows = repository.findAll();
    if (rows.isEmpty()) {
      return List.of();
    }
    Map<UUID, PageService.ToldPage> told =
        pages.told().values().stream()
            .flatMap(List::stream)
            .collect(Collectors.toMap(PageService.ToldPage::id, Function.identity()));
    var byPage = pictures.byPage();
    return rows.stream()
        .filter(row -> told.containsKey(row.pageId))
        .map(
            row -> {
              var page = told.get(row.pageId);
              var book = books.name(page.bookId());
              var picture =
                  byPage.getOrDefault(page.id(), List.of()).stream()
                      .map(PagePicture::id)
                      .findFirst()
                      .orElse(null);
              return new PageOfPrompt(row.promptId, book.id(), book.text(), page.number(), picture);
            })
        .toList();
  }

  /** Tells on which page a prompt was worked on further. */
  @Transactional
  void put(UUID prompt, UUID book, int number) {
    var row = repository.findById(prompt).orElseGet(PromptPageEntity::new);
    row.promptId = prompt;
    row.pageId = Objects.requireNonNull(pages.idOf(books.name(book).id(), number));
    try {
      repository.saveAndFlush(row);
    } catch (DataIntegrityViolationException e) {
      throw Refusal.notFound("prompt", prompt);
    }
  }

  @Transactional
  void remove(UUID prompt) {
    repository.deleteById(prompt);
  }
}
