package humblequill.server.promise;

import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.name.Names;
import humblequill.core.promise.Account;
import humblequill.core.promise.Counting;
import humblequill.core.promise.Progress;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.entry.Serving;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** All promises with what counted towards each: every page that plans a day looks at them. */
@Component
class QuotaAccounts implements NameUses, Serving {
  private final QuotaRepository quotas;
  private final PromptRepository prompts;
  private final EntryLedger ledger;
  private final NameService names;
  private final Remembered<List<Kept>> stored;
  private final Derived<List<Counted>> counted = new Derived<>();

  QuotaAccounts(
      QuotaRepository quotas,
      PromptRepository prompts,
      EntryLedger ledger,
      NameService names,
      Memory memory) {
    this.quotas = quotas;
    this.prompts = prompts;
    this.ledger = ledger;
    this.names = names;
    this.stored =
        memory.remember("promises with their prompts", PromptEntity.class, QuotaEntity.class);
  }

  /** A prompt as it is stored. */
  record KeptPrompt(
      UUID id, String words, boolean chosen, @Nullable LocalDate doneOn, boolean developed) {}

  /** A promise as it is stored. */
  private record Kept(
      UUID id,
      long version,
      StoredQuota terms,
      @Nullable UUID againOf,
      @Nullable LocalDate endedOn,
      String learned,
      List<UUID> best,
      List<KeptPrompt> prompts) {
    private Tally prompted() {
      var days = prompts.stream().filter(p -> p.doneOn() != null).toList();
      return Tally.sum(days, KeptPrompt::doneOn, p -> 1);
    }
  }

  /**
   * A promise with what counted.
   *
   * @param nextPage page after the last one filled; null where pages are not counted
   * @param nextPrompt first picked prompt that is not drawn yet; null without one
   */
  record Counted(
      UUID id,
      long version,
      QuotaTerms terms,
      Account account,
      @Nullable UUID againOf,
      String learned,
      List<UUID> best,
      List<KeptPrompt> prompts,
      @Nullable Integer nextPage,
      @Nullable KeptPrompt nextPrompt) {
    @Nullable LocalDate endedOn() {
      return account.endedOn().orElse(null);
    }

    /** How it stands on the learner's day, or stood when it ended. */
    Progress progress(Learner learner) {
      return account.progress(learner.drawingDays(), learner.today());
    }
  }

  /** All promises, in the order they were made. */
  List<Counted> all() {
    var rows = stored.get(this::read);
    if (rows.isEmpty()) {
      return List.of();
    }
    var drawn = ledger.read();
    var known = names.names();
    return counted.get(
        List.of(rows, drawn, known),
        () -> rows.stream().map(row -> counted(row, drawn, known)).toList());
  }

  private List<Kept> read() {
    var byQuota = new HashMap<UUID, List<KeptPrompt>>();
    for (var p : prompts.findAllByOrderByPositionAsc()) {
      byQuota
          .computeIfAbsent(p.quotaId, id -> new ArrayList<>())
          .add(new KeptPrompt(p.id, p.words, p.chosen, p.doneOn, p.developed));
    }
    return quotas.findAllByOrderByMadeAtAscIdAsc().stream()
        .map(q -> kept(q, byQuota.getOrDefault(q.id, List.of())))
        .toList();
  }

  private static Kept kept(QuotaEntity q, List<KeptPrompt> prompts) {
    return new Kept(
        q.id,
        q.version == null ? 0 : q.version,
        StoredQuota.read(q.document),
        q.againOf,
        q.endedOn,
        q.learned,
        q.best.isBlank()
            ? List.of()
            : Arrays.stream(q.best.split(" ")).map(UUID::fromString).toList(),
        prompts);
  }

  private static Counted counted(Kept row, Ledger ledger, Names names) {
    var terms = row.terms().toTerms(names);
    var quota = terms.toCore(names);
    var account =
        Account.of(
            quota,
            Optional.ofNullable(row.endedOn()),
            ledger.since(quota.promise().start()),
            row.prompted());
    return new Counted(
        row.id(),
        row.version(),
        terms,
        account,
        row.againOf(),
        row.learned(),
        row.best(),
        row.prompts(),
        nextPage(account, ledger),
        row.prompts().stream()
            .filter(p -> p.chosen() && p.doneOn() == null)
            .findFirst()
            .orElse(null));
  }

  private static @Nullable Integer nextPage(Account account, Ledger ledger) {
    var counting = account.quota().counting();
    if (counting.unit() != Counting.Unit.PAGES) {
      return null;
    }
    var inBook =
        counting.book().isPresent()
            ? ledger.all().filter(d -> d.book().equals(counting.book()))
            : account.matching().stream();
    return PageSpan.after(inBook.mapToInt(d -> d.lastPage()).max().orElse(0));
  }

  @Override
  public Map<UUID, Long> uses() {
    return new TreeMap<>(
        stored.get(this::read).stream()
            .flatMap(row -> row.terms().names())
            .collect(Collectors.groupingBy(id -> id, Collectors.counting())));
  }

  @Override
  @Transactional(readOnly = true)
  public List<Served> servedBy(Set<UUID> entries) {
    return all().stream()
        .filter(q -> q.account().matching().stream().anyMatch(d -> entries.contains(d.entry())))
        .map(q -> new Served(q.terms().title(), null, null, "/quotas/" + q.id()))
        .toList();
  }
}
