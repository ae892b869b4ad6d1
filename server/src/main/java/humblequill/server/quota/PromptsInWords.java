package humblequill.server.quota;

import humblequill.core.name.Fold;
import humblequill.server.entry.EntryCreated;
import humblequill.server.entry.EntryFields;
import humblequill.server.entry.EntryRemoved;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Prompts kept in their own words: an entry that says which prompt was drawn ticks it, and unticks
 * it when it goes.
 */
@Component
public class PromptsInWords {
  private static final String SAID = "Prompt: ";
  private static final String AIM = "; Aim: ";

  private final QuotaAccounts accounts;
  private final Prompts prompts;

  PromptsInWords(QuotaAccounts accounts, Prompts prompts) {
    this.accounts = accounts;
    this.prompts = prompts;
  }

  /** Prompts of running lists that are picked and not drawn yet, in order. */
  @Transactional(readOnly = true)
  public List<String> open(Learner learner) {
    return accounts.all().stream()
        .filter(q -> q.account().runs(q.progress(learner)))
        .flatMap(q -> q.prompts().stream())
        .filter(p -> p.chosen() && p.doneOn() == null)
        .map(QuotaAccounts.KeptPrompt::words)
        .distinct()
        .toList();
  }

  /** How an entry says which prompt it is of, as the first line of its note. */
  public static String note(String words, String rest) {
    return SAID + words + (rest.isBlank() ? "" : "\n" + rest);
  }

  @EventListener
  void created(EntryCreated event) {
    var day = event.fields().day();
    said(event.fields(), null).ifPresent(prompt -> prompts.draw(prompt.id(), day));
  }

  @EventListener
  void removed(EntryRemoved event) {
    var day = event.fields().day();
    said(event.fields(), day).ifPresent(prompt -> prompts.undraw(prompt.id(), day));
  }

  private Optional<QuotaAccounts.KeptPrompt> said(EntryFields fields, @Nullable LocalDate doneOn) {
    var line = fields.note().lines().findFirst().orElse("");
    if (!line.startsWith(SAID)) {
      return Optional.empty();
    }
    int aim = line.indexOf(AIM);
    var words = Fold.of(line.substring(SAID.length(), aim < 0 ? line.length() : aim));
    Predicate<QuotaAccounts.KeptPrompt> isIt =
        p -> Objects.equals(p.doneOn(), doneOn) && Fold.of(p.words()).equals(words);
    return accounts.all().stream()
        .filter(q -> q.endedOn() == null)
        .flatMap(q -> q.prompts().stream())
        .filter(isIt)
        .findFirst();
  }
}
