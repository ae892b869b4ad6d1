package humblequill.server.promise;

import humblequill.server.day.entry.EntryCreated;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryRemoved;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
  private static final String MORE = "; ";

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

  /** How an entry says which prompt it is of, at the beginning of its note; more may follow. */
  public static String note(String words, String more) {
    return SAID + words + (more.isBlank() ? "" : MORE + more);
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
    var note = fields.note();
    return accounts.all().stream()
        .filter(q -> q.endedOn() == null)
        .flatMap(q -> q.prompts().stream())
        .filter(p -> Objects.equals(p.doneOn(), doneOn))
        .filter(p -> note.equals(SAID + p.words()) || note.startsWith(SAID + p.words() + MORE))
        .findFirst();
  }
}
