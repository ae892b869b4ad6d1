package humblequill.server.promise;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps the prompts of lists. Prompts are written one by one, never as a whole list: what a sitting
 * or another window ticked meanwhile stays ticked.
 */
@Service
public class Prompts {
  /** Prompts in one list. */
  static final int MOST = 2000;

  private final PromptRepository repository;
  private final QuotaRepository quotas;
  private final QuotaAccounts counts;
  private final SettingsService settings;

  Prompts(
      PromptRepository repository,
      QuotaRepository quotas,
      QuotaAccounts counts,
      SettingsService settings) {
    this.repository = repository;
    this.quotas = quotas;
    this.counts = counts;
    this.settings = settings;
  }

  /** Writes prompts of a quota; those that are new come last, in this order. */
  @Transactional
  public void put(UUID quotaId, List<QuotaView.PromptView> wanted) {
    var known = inOrder(quotaId);
    var today = settings.learner().today();
    for (var view : wanted) {
      if (view.doneOn() != null && view.doneOn().isAfter(today)) {
        throw Refusal.badValue(
            "doneOn", view.doneOn(), Message.of("promise.liesAhead", "day", view.doneOn()));
      }
      var entity = repository.findById(view.id()).orElseGet(PromptEntity::new);
      if (known.stream().noneMatch(p -> p.id.equals(view.id()))) {
        if (entity.id.equals(view.id())) {
          throw Refusal.conflict("id-taken", Message.of("promise.promptTaken", "id", view.id()));
        }
        entity.id = view.id();
        entity.quotaId = quotaId;
        entity.position = known.isEmpty() ? 0 : known.get(known.size() - 1).position + 1;
        known.add(entity);
      }
      entity.words = view.words().strip();
      entity.chosen = view.chosen();
      entity.doneOn = view.doneOn();
      entity.developed = view.developed();
      repository.save(entity);
    }
    if (known.size() > MOST) {
      throw Refusal.badValue(
          "prompts",
          known.size(),
          Message.of("promise.promptsWithin", "most", MOST, "prompts", known.size()));
    }
    repository.flush();
  }

  /** Removes a prompt of a quota; one that is gone already is no error. */
  @Transactional
  public void remove(UUID quotaId, UUID promptId) {
    inOrder(quotaId).stream().filter(p -> p.id.equals(promptId)).forEach(repository::delete);
    repository.flush();
  }

  /** Brings the prompts of a quota into an order; those it does not name come after. */
  @Transactional
  public void order(UUID quotaId, List<UUID> ids) {
    var all = inOrder(quotaId);
    Function<PromptEntity, Integer> place = p -> ids.contains(p.id) ? ids.indexOf(p.id) : MOST;
    all.sort(Comparator.comparing(place));
    for (int i = 0; i < all.size(); i++) {
      all.get(i).position = i;
    }
    repository.saveAllAndFlush(all);
  }

  /** Ticks a prompt as drawn on a day; one that is gone or ticked already stays as it is. */
  @Transactional
  public void draw(@Nullable UUID promptId, LocalDate day) {
    tick(promptId, null, day);
  }

  /** Takes the tick of a day back; a prompt that is gone or ticked on another day stays. */
  @Transactional
  public void undraw(@Nullable UUID promptId, LocalDate day) {
    tick(promptId, day, null);
  }

  private void tick(
      @Nullable UUID promptId, @Nullable LocalDate before, @Nullable LocalDate after) {
    Optional.ofNullable(promptId)
        .flatMap(repository::findById)
        .filter(prompt -> Objects.equals(prompt.doneOn, before))
        .ifPresent(
            prompt -> {
              prompt.doneOn = after;
              repository.saveAndFlush(prompt);
            });
  }

  /** Gives a quota the prompts of another, none of them drawn. */
  @Transactional
  public void copy(UUID from, UUID to) {
    repository.saveAll(
        inOrder(from).stream()
            .map(
                prompt -> {
                  var copy = new PromptEntity();
                  copy.quotaId = to;
                  copy.position = prompt.position;
                  copy.words = prompt.words;
                  copy.chosen = prompt.chosen;
                  return copy;
                })
            .toList());
  }

  /** Removes all prompts of a quota. */
  @Transactional
  public void removeAll(UUID quotaId) {
    repository.deleteByQuotaId(quotaId);
  }

  private List<PromptEntity> inOrder(UUID quotaId) {
    if (!quotas.existsById(quotaId)) {
      throw Refusal.notFound("quota", quotaId);
    }
    return new ArrayList<>(repository.findByQuotaIdOrderByPositionAsc(quotaId));
  }
}
