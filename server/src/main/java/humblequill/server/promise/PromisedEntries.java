package humblequill.server.promise;

import humblequill.core.day.entry.Drawn;
import humblequill.server.ground.data.Derived;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which entries count for promises that say what is drawn. */
@Component
public class PromisedEntries {
  private final QuotaAccounts accounts;
  private final Derived<Set<UUID>> entries = new Derived<>();

  PromisedEntries(QuotaAccounts accounts) {
    this.accounts = accounts;
  }

  /** All of them, running promises and ended ones. */
  @Transactional(readOnly = true)
  public Set<UUID> all() {
    var promises = accounts.all();
    return entries.get(
        List.of(promises),
        () -> {
          var found = new HashSet<UUID>();
          promises.stream()
              .map(QuotaAccounts.Counted::account)
              .filter(account -> !account.quota().counting().takesAnything())
              .forEach(
                  account -> account.matching().stream().map(Drawn::entry).forEach(found::add));
          return Set.copyOf(found);
        });
  }
}
