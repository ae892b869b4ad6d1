package humblequill.server.words;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/words")
class WordsController {
  private final WordsService service;

  WordsController(WordsService service) {
    this.service = service;
  }

  @GetMapping
  Words read() {
    return service.read();
  }

  @PutMapping
  Words write(@RequestBody @Valid OwnWords words) {
    return service.write(words.own());
  }

  /** The own words as a whole. */
  record OwnWords(@NotNull @Size(max = 1000) List<Words.@Valid @NotNull OwnWord> own) {}
}
