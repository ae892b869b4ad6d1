package humblequill.server.bench;

import humblequill.core.bench.Template;
import humblequill.core.bench.Template.Layer;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.server.ground.edge.OpenFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads a template of landmarks from its file, see docs/formats/landmarks.md. */
final class TemplateFile {
  private static final YAMLMapper YAML = YAMLMapper.builder().build();
  private static final String UPRIGHT = "upright";
  private static final List<Layer> LAYERS = List.of(Layer.FOUNDATION, Layer.LIMBS, Layer.ENDS);
  private static final int LONGEST = 120;
  private static final int MOST = 100;

  private TemplateFile() {}

  /** What was taken in before; a word that says nothing is passed over. */
  static Template read(String text) {
    var file = OpenFile.read(YAML, text, "template");
    return OpenFile.meant(() -> template(file));
  }

  /** Looks closer at what is taken in now: nothing that it says may be passed over. */
  static void check(String text) {
    var file = OpenFile.read(YAML, text, "template");
    OpenFile.meant(
        () -> {
          OpenFile.list(file, "cabinet", MOST);
          if (file.has(UPRIGHT) && !file.path(UPRIGHT).isObject()) {
            throw new InvalidException(Message.of("bench.uprightOfTwo"));
          }
          OpenFile.list(file.path(UPRIGHT), "above", MOST);
          OpenFile.list(file.path(UPRIGHT), "below", MOST);
          list(file, "landmarks").forEach(TemplateFile::checkLandmark);
          list(file, "parts").forEach(TemplateFile::checkLayer);
          return file;
        });
  }

  private static void checkLandmark(JsonNode landmark) {
    checkLayer(landmark);
    var foundation = landmark.path("foundation");
    if (!foundation.isMissingNode() && !foundation.isBoolean()) {
      throw new InvalidException(
          Message.of("bench.foundationOfTwo", "value", foundation.asString("")));
    }
  }

  private static void checkLayer(JsonNode node) {
    layer(node, LAYERS);
  }

  /** What of the cabinet a template is the usual one for. */
  static List<Reference.Kind> cabinet(String text) {
    var file = OpenFile.read(YAML, text, "template");
    return OpenFile.meant(
        () -> names(file.path("cabinet")).stream().map(TemplateFile::ofCabinet).toList());
  }

  private static Reference.Kind ofCabinet(String word) {
    return one(List.of(Reference.Kind.values()), word, "bench.nothingOfCabinet");
  }

  private static <E extends Enum<E>> E one(List<E> all, String word, String otherwise) {
    return all.stream()
        .filter(value -> value.name().equalsIgnoreCase(word))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidException(
                    Message.of(
                        otherwise,
                        "word",
                        word,
                        "all",
                        all.stream()
                            .map(value -> value.name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", ")))));
  }

  private static Template template(JsonNode file) {
    var landmarks = new ArrayList<Template.Landmark>();
    for (var landmark : list(file, "landmarks")) {
      landmarks.add(
          new Template.Landmark(
              word(landmark, "name"),
              layer(landmark),
              landmark.path("foundation").asBoolean(false)));
    }
    var parts = new ArrayList<Template.Part>();
    for (var part : list(file, "parts")) {
      parts.add(
          new Template.Part(word(part, "name"), word(part, "from"), word(part, "to"), layer(part)));
    }
    var pairs = new ArrayList<Template.SidePair>();
    for (var pair : list(file, "pairs")) {
      if (pair.size() != 2) {
        throw new InvalidException(Message.of("bench.pairOfTwo"));
      }
      pairs.add(new Template.SidePair(pair.get(0).asString(""), pair.get(1).asString("")));
    }
    var depths = new ArrayList<Template.Depth>();
    for (var depth : list(file, "depth")) {
      depths.add(new Template.Depth(word(depth, "name"), word(depth, "one"), word(depth, "other")));
    }
    var tapers = new ArrayList<Template.Taper>();
    for (var taper : list(file, "tapers")) {
      tapers.add(new Template.Taper(word(taper, "name"), word(taper, "from"), word(taper, "to")));
    }
    var outlines = new ArrayList<Template.Outline>();
    for (var outline : list(file, "outlines")) {
      outlines.add(new Template.Outline(word(outline, "name"), names(outline.path("around"))));
    }
    var upright = file.path(UPRIGHT);
    return new Template(
        word(file, "name"),
        landmarks,
        parts,
        pairs,
        upright.isObject()
            ? Optional.of(
                new Template.Upright(names(upright.path("above")), names(upright.path("below"))))
            : Optional.empty(),
        depths,
        tapers,
        outlines);
  }

  private static List<JsonNode> list(JsonNode file, String field) {
    return OpenFile.list(file, field, MOST);
  }

  private static List<String> names(JsonNode list) {
    return list.valueStream().map(n -> n.asString("")).toList();
  }

  private static String word(JsonNode node, String field) {
    return OpenFile.word(node, field, LONGEST);
  }

  private static Layer layer(JsonNode node) {
    return layer(node, List.of(Layer.values()));
  }

  private static Layer layer(JsonNode node, List<Layer> layers) {
    var word = node.path("layer").asString("limbs");
    return one(layers, word, "bench.noLayer");
  }
}
