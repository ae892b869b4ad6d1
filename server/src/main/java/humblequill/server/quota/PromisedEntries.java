package humblequill.server.quota;

import humblequill.core.entry.Drawn;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which entries count for promises. */
@Component
public class PromisedEntries {
  private final QuotaAccounts accounts;

  PromisedEntries(QuotaAccounts accounts) {
    this.accounts = accounts;
  }

  /** All of them, running promises and ended ones. */
  @Transactional(readOnly = true)
  public Set<UUID> all() {
    var found = new HashSet<UUID>();
    accounts
        .all()
        .forEach(q -> q.account().matching().stream().map(Drawn::entry).forEach(found::add));
    return found;
  }
}
