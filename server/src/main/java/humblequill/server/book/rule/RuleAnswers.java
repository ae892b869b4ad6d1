package humblequill.server.book.rule;

import humblequill.core.day.entry.Drawn;
import humblequill.core.promise.Rule;
import humblequill.core.promise.RulesKept;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the learner said of rules. An answer is about the entry, so that one question serves all
 * that want the rule kept.
 */
@Service
public class RuleAnswers {
  private final RuleAnswerRepository repository;
  private final NameService names;
  private final Remembered<List<RulesKept.Answer>> stored;
  private final Derived<RulesKept> kept = new Derived<>();

  RuleAnswers(RuleAnswerRepository repository, NameService names, Memory memory) {
    this.repository = repository;
    this.names = names;
    this.stored = memory.remember("answers about rules", RuleAnswerEntity.class);
  }

  /** How rules were kept, by answers and by what entries tell. */
  @Transactional(readOnly = true)
  public RulesKept kept() {
    var answers =
        stored.get(
            () ->
                repository.findAll().stream()
                    .map(a -> new RulesKept.Answer(a.entryId, a.rule, a.kept))
                    .toList());
    var known = names.names();
    return kept.get(List.of(answers, known), () -> new RulesKept(answers, known));
  }

  /** Who wants rules kept in which entries. */
  public record Wish(String by, Collection<Rule> rules, Collection<Drawn> drawn) {}

  /** What the entries of a day leave open, each question once. */
  @Transactional(readOnly = true)
  public List<OpenRule> open(LocalDate day, Collection<Wish> wishes) {
    var kept = kept();
    Map<RulesKept.Open, List<String>> asked = new LinkedHashMap<>();
    for (var wish : wishes) {
      for (var open : kept.open(wish.rules, wish.drawn, day)) {
        asked.computeIfAbsent(open, o -> new ArrayList<>()).add(wish.by);
      }
    }
    return asked.entrySet().stream()
        .map(
            e ->
                new OpenRule(
                    e.getKey().drawn().entry(),
                    e.getKey().drawn().called(),
                    e.getKey().rule(),
                    e.getValue()))
        .toList();
  }

  /** Keeps whether a rule was kept in an entry. */
  @Transactional
  void answer(UUID entry, Rule rule, boolean kept) {
    var entity = repository.findByEntryIdAndRule(entry, rule).orElseGet(RuleAnswerEntity::new);
    entity.entryId = entry;
    entity.rule = rule;
    entity.kept = kept;
    repository.saveAndFlush(entity);
  }
}
