package humblequill.server.book.piece;

import humblequill.core.book.piece.Piece;
import humblequill.core.book.piece.ShippedTemplates;
import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.OpenFile;
import humblequill.server.ground.edge.Refusal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;
import tools.jackson.dataformat.yaml.YAMLWriteFeature;

/**
 * Templates of pieces: those that ship, and the learner's own, which are files of an open format.
 */
@Service
class PieceTemplates {
  private static final YAMLMapper YAML =
      YAMLMapper.builder().disable(YAMLWriteFeature.WRITE_DOC_START_MARKER).build();
  private static final int LONGEST_NAME = 120;
  private static final int LONGEST_GATE = 300;
  private static final int MOST = 200;

  private final PieceTemplateRepository repository;

  PieceTemplates(PieceTemplateRepository repository) {
    this.repository = repository;
  }

  /**
   * A template.
   *
   * @param id null for one that ships
   */
  record PieceTemplate(@Nullable UUID id, String name, List<ShippedTemplates.Planned> stages) {}

  @Transactional(readOnly = true)
  List<PieceTemplate> all() {
    var own =
        repository.findAll().stream()
            .map(e -> own(e.id, YAML.readTree(e.document)))
            .sorted(Comparator.comparing(PieceTemplate::name));
    return Stream.concat(
            ShippedTemplates.ALL.stream().map(t -> new PieceTemplate(null, t.name(), t.stages())),
            own)
        .toList();
  }

  private static PieceTemplate own(UUID id, JsonNode file) {
    var stages = new ArrayList<ShippedTemplates.Planned>();
    for (var stage : file.path("stages")) {
      stages.add(
          new ShippedTemplates.Planned(
              stage.path("name").asString(), stage.path("gate").asString("")));
    }
    return new PieceTemplate(id, file.path("name").asString(), stages);
  }

  /** A template as its file. */
  static String file(String name, List<ShippedTemplates.Planned> stages) {
    var file = new LinkedHashMap<String, Object>();
    file.put("format", 1);
    file.put("name", name);
    file.put(
        "stages",
        stages.stream()
            .map(
                s -> {
                  var stage = new LinkedHashMap<String, Object>();
                  stage.put("name", s.name());
                  if (!s.gate().isEmpty()) {
                    stage.put("gate", s.gate());
                  }
                  return stage;
                })
            .toList());
    return YAML.writeValueAsString(file);
  }

  /** The file of the learner's own template. */
  @Transactional(readOnly = true)
  String file(UUID id) {
    return repository.findById(id).orElseThrow(() -> Refusal.notFound("template", id)).document;
  }

  /** Keeps a template from its file; what the file says beyond the format is kept as it is. */
  @Transactional
  PieceTemplate keep(UUID id, String text) {
    var file = read(text);
    if (repository.count() >= MOST && !repository.existsById(id)) {
      throw Refusal.badValue("file", MOST, Message.of("book.enoughTemplates", "most", MOST));
    }
    var entity = repository.findById(id).orElseGet(PieceTemplateEntity::new);
    entity.id = id;
    entity.document = text;
    repository.saveAndFlush(entity);
    return own(id, file);
  }

  private static JsonNode read(String text) {
    var file = OpenFile.read(YAML, text, "template");
    words(
        file.path("name"),
        "name",
        Message.of("book.templateName", "most", LONGEST_NAME),
        LONGEST_NAME);
    var stages = file.path("stages");
    if (!stages.isArray() || stages.isEmpty() || stages.size() > Piece.MOST_STAGES) {
      throw bad(
          "stages",
          stages.size(),
          stages.size() > Piece.MOST_STAGES
              ? Message.of(
                  "book.templateTooLong", "most", Piece.MOST_STAGES, "stages", stages.size())
              : Message.of("book.templateWithoutStage", "most", Piece.MOST_STAGES));
    }
    for (int i = 0; i < stages.size(); i++) {
      var stage = stages.get(i);
      words(
          stage.path("name"),
          "stages[" + i + "].name",
          Message.of("book.stageName", "stage", i + 1, "most", LONGEST_NAME),
          LONGEST_NAME);
      if (stage.has("gate")) {
        words(
            stage.path("gate"),
            "stages[" + i + "].gate",
            Message.of("book.stageGate", "stage", i + 1, "most", LONGEST_GATE),
            LONGEST_GATE);
      }
    }
    return file;
  }

  private static void words(JsonNode there, String where, Message otherwise, int longest) {
    if (!there.isString() || there.asString().isBlank() || there.asString().length() > longest) {
      throw bad(where, there, otherwise);
    }
  }

  private static Refusal bad(String field, Object value, Message why) {
    var shown = String.valueOf(value);
    return Refusal.badValue(field, shown.length() > 80 ? shown.substring(0, 80) : shown, why);
  }

  @Transactional
  void remove(UUID id) {
    repository.deleteById(id);
  }
}
