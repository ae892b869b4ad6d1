package humblequill.server.promise;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/quotas")
class PromptController {
  private final QuotaService quotas;
  private final Prompts prompts;
  private final PromptWords words;

  PromptController(QuotaService quotas, Prompts prompts, PromptWords words) {
    this.quotas = quotas;
    this.prompts = prompts;
    this.words = words;
  }

  @PutMapping("/{id}/prompts")
  QuotaView put(@PathVariable UUID id, @RequestBody @Valid PromptList list) {
    prompts.put(id, list.prompts());
    return quotas.get(id);
  }

  @PutMapping("/{id}/prompts/order")
  QuotaView order(@PathVariable UUID id, @RequestBody @Valid PromptOrder order) {
    prompts.order(id, order.ids());
    return quotas.get(id);
  }

  @DeleteMapping("/{id}/prompts/{promptId}")
  QuotaView remove(@PathVariable UUID id, @PathVariable UUID promptId) {
    prompts.remove(id, promptId);
    return quotas.get(id);
  }

  @PostMapping("/prompts/read")
  PromptTexts read(@RequestBody @Valid PromptFile file) {
    return new PromptTexts(PromptText.read(file.text()));
  }

  @PostMapping("/prompts/make")
  PromptTexts make(@RequestBody @Valid PromptWish wish) {
    return new PromptTexts(words.make(wish.seed(), wish.rerolls()));
  }

  @GetMapping("/prompts/words")
  PromptWords.Lists words() {
    return words.read();
  }

  @PutMapping("/prompts/words")
  PromptWords.Lists words(@RequestBody @Valid PromptWords.Lists lists) {
    return words.write(lists);
  }

  /** Prompts that are new or changed. */
  record PromptList(
      @NotNull @Size(max = 2000) List<QuotaView.@Valid @NotNull PromptView> prompts) {}

  /** Ids of prompts, first to last. */
  record PromptOrder(@NotNull @Size(max = 2000) List<@NotNull UUID> ids) {}

  /** Text with prompts. */
  record PromptFile(@NotNull @Size(max = 200_000) String text) {}

  /** Which prompt is wanted. */
  record PromptWish(long seed, @NotNull @Size(min = 3, max = 3) List<@NotNull Integer> rerolls) {}

  /** Prompts or their words. */
  record PromptTexts(List<String> prompts) {}
}
