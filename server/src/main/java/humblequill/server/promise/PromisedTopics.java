package humblequill.server.promise;

import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The topics that running promises are about, so that a promise can be kept in its own words. */
@Component
public class PromisedTopics {
  private final QuotaAccounts accounts;
  private final Derived<List<Promised>> running = new Derived<>();

  PromisedTopics(QuotaAccounts accounts) {
    this.accounts = accounts;
  }

  /** A promise by its name. */
  public record Promised(String name, String topic) {}

  /** Running promises on a topic, in the order they were made. */
  @Transactional(readOnly = true)
  public List<Promised> running(Learner learner) {
    var all = accounts.all();
    return all.isEmpty()
        ? List.of()
        : running.get(
            List.of(all, learner.today()),
            () ->
                all.stream()
                    .filter(q -> q.account().runs(q.progress(learner)))
                    .flatMap(
                        q ->
                            q.account().quota().counting().topic().stream()
                                .map(topic -> new Promised(q.account().quota().title(), topic)))
                    .toList());
  }
}
