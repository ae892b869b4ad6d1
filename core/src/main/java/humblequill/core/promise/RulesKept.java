package humblequill.core.promise;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** How the rules were kept: by the learner's answers, else by what entries tell. */
public final class RulesKept {
  private final Map<UUID, List<Answer>> answers;
  private final Names names;

  /**
   * @param answers those given so far
   */
  public RulesKept(Collection<Answer> answers, Names names) {
    this.answers = answers.stream().collect(Collectors.groupingBy(Answer::entry));
    this.names = names;
  }

  /** An answer of the learner's. */
  public record Answer(UUID entry, Rule rule, boolean kept) {}

  /** How often a rule was kept, and how often not; entries that leave it open are left out. */
  public record Count(int kept, int broken) {}

  /** A rule that an entry leaves open. */
  public record Open(Drawn drawn, Rule rule) {}

  /** How often each rule of a promise was kept. */
  public Map<Rule, Count> counts(Account account) {
    return counts(account.quota().rules(), account.matching());
  }

  /** How often each rule was kept by some entries. */
  public Map<Rule, Count> counts(Collection<Rule> rules, Collection<Drawn> drawn) {
    var counts = new EnumMap<Rule, Count>(Rule.class);
    for (var rule : rules) {
      var told = drawn.stream().flatMap(d -> kept(rule, d).stream()).toList();
      int kept = (int) told.stream().filter(yes -> yes).count();
      counts.put(rule, new Count(kept, told.size() - kept));
    }
    return counts;
  }

  /** Rules that the entries of a day leave open, entry by entry. */
  public List<Open> open(Collection<Rule> rules, Collection<Drawn> all, LocalDate day) {
    var open = new ArrayList<Open>();
    for (var drawn : all) {
      for (var rule : Rule.values()) {
        boolean asked = drawn.day().equals(day) && rules.contains(rule);
        if (asked && kept(rule, drawn).isEmpty()) {
          open.add(new Open(drawn, rule));
        }
      }
    }
    return open;
  }

  private Optional<Boolean> kept(Rule rule, Drawn drawn) {
    return answers.getOrDefault(drawn.entry(), List.of()).stream()
        .filter(a -> a.rule() == rule)
        .map(Answer::kept)
        .findFirst()
        .or(
            () ->
                rule.told(
                    drawn
                        .medium()
                        .map(m -> names.find(NameKind.MEDIUM, m).map(Name::properties))
                        .flatMap(p -> p),
                    drawn.source().map(s -> ShippedNames.firstText(names, NameKind.SOURCE, s))));
  }
}
