package humblequill.server.promise;

import humblequill.core.ground.message.Message;
import humblequill.core.promise.PromptMaker;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The three word lists that prompts are made of. */
@Service
class PromptWords {
  private static final Lists SHIPPED =
      new Lists(
          List.of(
              "ferryman",
              "net mender",
              "harbour dog",
              "gull",
              "crane driver",
              "child with a bucket",
              "sail maker",
              "old sailor",
              "fish seller",
              "diver",
              "lighthouse keeper",
              "cat on the quay"),
          List.of(
              "oilskin coat",
              "coil of rope",
              "lantern",
              "crate",
              "anchor",
              "bicycle",
              "oar",
              "woollen cap",
              "net",
              "bucket",
              "folded sail",
              "wheelbarrow"),
          List.of(
              "waits",
              "climbs",
              "carries",
              "leans into the wind",
              "sleeps",
              "reaches up",
              "looks back",
              "mends",
              "pulls",
              "balances",
              "stumbles",
              "tells a story"));

  private final PromptWordsRepository repository;

  PromptWords(PromptWordsRepository repository) {
    this.repository = repository;
  }

  /**
   * The lists.
   *
   * @param subjects who
   * @param things with what
   * @param actions does what
   */
  record Lists(
      @NotNull @Size(min = 1, max = 500) List<@NotBlank @Size(max = 80) String> subjects,
      @NotNull @Size(min = 1, max = 500) List<@NotBlank @Size(max = 80) String> things,
      @NotNull @Size(min = 1, max = 500) List<@NotBlank @Size(max = 80) String> actions) {}

  /** The lists as they are stored. See docs/formats/stored.md. */
  record StoredLists(List<String> subjects, List<String> things, List<String> actions) {
    static StoredLists of(Lists lists) {
      return new StoredLists(lists.subjects, lists.things, lists.actions);
    }

    Lists toLists() {
      return new Lists(subjects, things, actions);
    }
  }

  @Transactional(readOnly = true)
  Lists read() {
    return repository
        .findById(PromptWordsEntity.ONLY)
        .map(e -> StoredJson.read(e.document, StoredLists.class).toLists())
        .orElse(SHIPPED);
  }

  @Transactional
  Lists write(Lists lists) {
    var entity = repository.findById(PromptWordsEntity.ONLY).orElseGet(PromptWordsEntity::new);
    entity.document = StoredJson.write(StoredLists.of(lists));
    repository.saveAndFlush(entity);
    return lists;
  }

  /** The three words of a seed, each drawn anew as often as asked. */
  @Transactional(readOnly = true)
  List<String> make(long seed, List<Integer> rerolls) {
    if (rerolls.size() != 3) {
      throw Refusal.badValue("rerolls", rerolls, Message.of("promise.threeNumbers"));
    }
    var lists = read();
    return PromptMaker.words(
        List.of(lists.subjects(), lists.things(), lists.actions()), seed, rerolls);
  }
}
