package humblequill.server.bench;

import humblequill.core.bench.Template;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Fold;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Templates of landmarks: those that ship and the learner's own. */
@Service
class BenchTemplates {
  private static final List<String> SHIPPED =
      List.of(
          "figure",
          "torso",
          "head-front",
          "head-three-quarter",
          "hand",
          "foot",
          "limb",
          "hull",
          "box",
          "cylinder");
  private static final int MOST = 200;

  private final BenchTemplateRepository repository;
  private final List<KeptTemplate> shipped;
  private final Remembered<List<KeptTemplate>> own;

  BenchTemplates(BenchTemplateRepository repository, Memory memory) {
    this.repository = repository;
    this.shipped = SHIPPED.stream().map(BenchTemplates::shipped).toList();
    this.own = memory.remember("templates of landmarks", BenchTemplateEntity.class);
  }

  /**
   * A template.
   *
   * @param id null for one that ships
   * @param cabinet what of the cabinet it is the usual one for
   * @param file as it is written
   */
  record KeptTemplate(
      @Nullable UUID id, Template template, List<Reference.Kind> cabinet, String file) {
    static KeptTemplate of(@Nullable UUID id, String file) {
      return new KeptTemplate(id, TemplateFile.read(file), TemplateFile.cabinet(file), file);
    }
  }

  private static KeptTemplate shipped(String name) {
    try (var in = BenchTemplates.class.getResourceAsStream("/bench/" + name + ".yaml")) {
      var text = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
      return KeptTemplate.of(null, text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Transactional(readOnly = true)
  List<KeptTemplate> all() {
    return Stream.concat(shipped.stream(), own().stream()).toList();
  }

  private List<KeptTemplate> own() {
    return own.get(
        () ->
            repository.findAll().stream()
                .map(e -> KeptTemplate.of(e.id, e.document))
                .sorted(java.util.Comparator.comparing(t -> t.template().name()))
                .toList());
  }

  @Transactional(readOnly = true)
  Optional<KeptTemplate> find(String name) {
    return all().stream().filter(t -> t.template().name().equals(name)).findFirst();
  }

  /** Keeps a template from its file; what the file says beyond the format is kept as it is. */
  @Transactional
  void keep(UUID id, String text) {
    TemplateFile.check(text);
    var template = KeptTemplate.of(id, text).template();
    var same =
        all().stream()
            .filter(t -> !id.equals(t.id()))
            .filter(t -> Fold.of(t.template().name()).equals(Fold.of(template.name())))
            .findFirst();
    if (same.isPresent()) {
      throw Refusal.badValue(
          "name",
          template.name(),
          Message.of("bench.templateThere", "template", same.get().template().name()));
    }
    if (repository.count() >= MOST && !repository.existsById(id)) {
      throw Refusal.badValue("file", MOST, Message.of("bench.enoughTemplates", "most", MOST));
    }
    var entity = repository.findById(id).orElseGet(BenchTemplateEntity::new);
    entity.id = id;
    entity.document = text;
    repository.saveAndFlush(entity);
  }

  @Transactional
  void remove(UUID id) {
    repository.deleteById(id);
  }

  /** A template of points alone, for what no template knows: two at least. */
  static Template free(List<String> named) {
    var names = named.size() < 2 ? List.of("first point", "second point") : named;
    var landmarks = new ArrayList<Template.Landmark>();
    names.forEach(n -> landmarks.add(new Template.Landmark(n, Template.Layer.FOUNDATION, true)));
    return new Template(
        "free points", landmarks, List.of(), List.of(), Optional.empty(), List.of());
  }
}
