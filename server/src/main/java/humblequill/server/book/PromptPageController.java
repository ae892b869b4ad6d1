package humblequill.server.book;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/prompt-pages")
class PromptPageController {
  private final PromptPages pages;

  PromptPageController(PromptPages pages) {
    this.pages = pages;
  }

  /** Prompts whose further drawing is known, with its page. */
  @GetMapping
  List<PromptPages.PageOfPrompt> all() {
    return pages.all();
  }

  /** Tells on which page a prompt was worked on further. */
  @PutMapping("/{prompt}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(@PathVariable UUID prompt, @RequestBody @Valid PageController.PlaceOnPage place) {
    pages.put(prompt, place.book(), place.number());
  }

  @DeleteMapping("/{prompt}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID prompt) {
    pages.remove(prompt);
  }
}
