package humblequill.server.book.rule;

import humblequill.core.promise.Rule;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/entries/{entry}/rules")
class RuleController {
  private final RuleAnswers answers;

  RuleController(RuleAnswers answers) {
    this.answers = answers;
  }

  /** Says whether an entry kept a rule. */
  @PutMapping("/{rule}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void answer(@PathVariable UUID entry, @PathVariable Rule rule, @RequestBody RuleAnswer answer) {
    answers.answer(entry, rule, answer.kept());
  }

  /** Whether the rule was kept. */
  record RuleAnswer(boolean kept) {}
}
