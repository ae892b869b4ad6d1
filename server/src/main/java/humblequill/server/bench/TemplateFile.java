package humblequill.server.bench;

import humblequill.core.bench.Template;
import humblequill.core.bench.Template.Layer;
import humblequill.core.cabinet.Reference;
import humblequill.server.edge.OpenFile;
import humblequill.server.edge.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads a template of landmarks from its file, see docs/formats/landmarks.md. */
final class TemplateFile {
  private static final YAMLMapper YAML = YAMLMapper.builder().build();
  private static final int LONGEST = 120;
  private static final int MOST = 100;

  private TemplateFile() {}

  static Template read(String text) {
    var file = OpenFile.read(YAML, text, "A template");
    return checked(() -> template(file));
  }

  /** What of the cabinet a template is the usual one for. */
  static List<Reference.Kind> cabinet(String text) {
    var file = OpenFile.read(YAML, text, "A template");
    return checked(
        () ->
            names(file.path("cabinet")).stream()
                .map(k -> Reference.Kind.valueOf(k.toUpperCase(Locale.ROOT)))
                .toList());
  }

  private static <T> T checked(Supplier<T> read) {
    try {
      return read.get();
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue(
          "file", "", "The template does not hang together: " + e.getMessage() + ".");
    }
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
        throw new IllegalArgumentException("a pair has a left and a right");
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
    var upright = file.path("upright");
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
    var word = node.path("layer").asString("limbs");
    try {
      return Layer.valueOf(word.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(
          "\"" + word + "\" is no layer; they are foundation, limbs and ends", e);
    }
  }
}
