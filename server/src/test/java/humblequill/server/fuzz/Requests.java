package humblequill.server.fuzz;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes requests up from the API's own document and spoils them. The same seed makes the same. */
final class Requests {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final List<String> TEXTS =
      List.of(
          "",
          " ",
          "boat",
          "gesture",
          "2026-03-05",
          "2026-02-30",
          "9999-12-31",
          "-999999999-01-01",
          "10:00",
          "25:61",
          "null",
          "NaN",
          "-0",
          "1e308",
          "9".repeat(30),
          "x".repeat(5000),
          "\u0000\u0007\u001b",
          "'; drop table entry; --",
          "../../etc/passwd",
          "/proc/self/mem",
          "/dev/zero",
          "=1+1",
          "ä\u202e\ud83d\ude80",
          "\ud800",
          "%00",
          "<script>",
          "00000000-0000-0000-0000-000000000000",
          "P1D",
          "MONDAY",
          "Europe/London",
          "Mars/Base",
          "en-GB",
          "zz_zz@x");
  private static final List<String> NUMBERS =
      List.of(
          "0",
          "1",
          "2",
          "-1",
          "7",
          "60",
          "1440",
          "9999",
          "2147483647",
          "2147483648",
          "-2147483648",
          "9223372036854775807",
          "1e308",
          "1e999",
          "0.1",
          "NaN",
          "-0.0",
          "1e-320",
          "99999999999999999999");
  private static final List<String> TYPES =
      List.of(
          "application/json",
          "application/json;charset=utf-16",
          "text/csv",
          "text/plain",
          "application/yaml",
          "multipart/form-data",
          "application/x-www-form-urlencoded",
          "application/xml",
          "x",
          "");
  private static final List<String> ACCEPTS =
      List.of("*/*", "application/json", "image/png", "text/html", "x", "application/*;q=0", "");

  private final Random random;
  private final JsonNode schemas;
  private final List<Operation> operations = new ArrayList<>();
  private final List<String> known = new ArrayList<>();

  private record Operation(String method, String path, JsonNode spec) {}

  /** A request as it goes over the wire. */
  record Request(String method, String target, Map<String, String> headers, byte[] body) {
    String shown() {
      var text = new String(body, StandardCharsets.UTF_8);
      return method
          + " "
          + target
          + " "
          + headers
          + "\n"
          + (text.length() > 2000 ? text.substring(0, 2000) + "…" : text);
    }
  }

  Requests(long seed) {
    random = new Random(seed);
    JsonNode document;
    try {
      document = JSON.readTree(Files.readString(Path.of("../docs/api/openapi.json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    schemas = document.path("components").path("schemas");
    new TreeMap<>(JSON.convertValue(document.path("paths"), Map.class))
        .keySet()
        .forEach(
            path ->
                document
                    .path("paths")
                    .path(path.toString())
                    .properties()
                    .forEach(
                        e ->
                            operations.add(
                                new Operation(
                                    e.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.toString(),
                                    e.getValue()))));
  }

  /** Lets requests name what is there. */
  void know(List<String> ids) {
    known.addAll(ids);
  }

  Request next() {
    var operation = operations.get(random.nextInt(operations.size()));
    var path = operation.path();
    var query = new StringBuilder();
    for (var parameter : operation.spec().path("parameters")) {
      var name = parameter.path("name").asString();
      var value = value(parameter.path("schema"));
      if (parameter.path("in").asString().equals("path")) {
        path = path.replace("{" + name + "}", encoded(value));
      } else if (one(3) || parameter.path("required").asBoolean()) {
        for (int i = one(8) ? 2 : 1; i > 0; i--) {
          query.append(query.isEmpty() ? '?' : '&').append(name).append('=').append(encoded(value));
        }
      }
    }
    if (one(20)) {
      query
          .append(query.isEmpty() ? '?' : '&')
          .append(pick(List.of("%zz", "x=%", "a=b", "=", "&&", "week=%00")));
    }
    var headers = new TreeMap<String, String>();
    if (one(6)) {
      headers.put("Accept", pick(ACCEPTS));
    }
    var body = new byte[0];
    var content = operation.spec().path("requestBody").path("content");
    if (!content.isMissingNode() || one(30)) {
      var type =
          content.isMissingNode() ? "application/json" : content.propertyNames().iterator().next();
      headers.put("Content-Type", one(15) ? pick(TYPES) : type);
      body = body(type, content.path(type).path("schema"));
    }
    return new Request(method(operation), decorated(path) + query, headers, body);
  }

  private String method(Operation operation) {
    return one(25)
        ? pick(List.of("GET", "POST", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS"))
        : operation.method();
  }

  private String decorated(String path) {
    if (!one(15)) {
      return path;
    }
    return switch (random.nextInt(6)) {
      case 0 -> path.replaceFirst("/api", "/%61pi");
      case 1 -> path.replaceFirst("/api", "/api;x=1");
      case 2 -> path + "/";
      case 3 -> path.replaceFirst("/api/", "/api//");
      case 4 -> path + "/..%2f..%2f";
      default -> "/error";
    };
  }

  private byte[] body(String type, JsonNode schema) {
    if (one(12)) {
      return pick(List.of(
              "{", "[]", "null", "{\"a\":NaN}", "\"\"", "[".repeat(3000), "a: *b", "day,day\n"))
          .getBytes(StandardCharsets.UTF_8);
    }
    if (!type.equals("application/json")) {
      return text(type).getBytes(StandardCharsets.UTF_8);
    }
    var tree = made(schema, 0);
    for (int i = random.nextInt(3); i > 0; i--) {
      spoil(tree);
    }
    return JSON.writeValueAsString(tree).getBytes(StandardCharsets.UTF_8);
  }

  private String text(String type) {
    if (type.equals("text/csv")) {
      var lines = new StringBuilder("id,day,drawings,minutes,topic,note\r\n");
      for (int i = random.nextInt(5); i >= 0; i--) {
        lines.append(
            String.join(
                one(10) ? ";" : ",",
                anyText(),
                anyText(),
                pick(NUMBERS),
                pick(NUMBERS),
                anyText(),
                "\"" + anyText() + (one(9) ? "" : "\"")));
        lines.append("\r\n");
      }
      return lines.toString();
    }
    return "format: 2\nid: "
        + anyText()
        + "\ntitle: "
        + anyText()
        + "\nweeks:\n  - title: a\n    exercises:\n      - {id: a, title: b, kind: drill, minutes: "
        + pick(NUMBERS)
        + "}\n";
  }

  private JsonNode made(JsonNode schema, int depth) {
    if (schema.has("$ref")) {
      var name = schema.path("$ref").asString();
      return made(schemas.path(name.substring(name.lastIndexOf('/') + 1)), depth);
    }
    if (schema.has("oneOf")) {
      return made(schema.path("oneOf").get(random.nextInt(schema.path("oneOf").size())), depth);
    }
    if (schema.has("allOf")) {
      var all = JSON.createObjectNode();
      schema
          .path("allOf")
          .forEach(
              part -> {
                if (made(part, depth) instanceof ObjectNode object) {
                  all.setAll(object);
                }
              });
      return all;
    }
    var type = schema.path("type");
    var kind = type.isArray() ? type.get(0).asString() : type.asString();
    if (depth < 6 && kind.equals("object") || schema.has("properties")) {
      var object = JSON.createObjectNode();
      schema
          .path("properties")
          .properties()
          .forEach(
              e -> {
                if (!one(8)) {
                  object.set(e.getKey(), made(e.getValue(), depth + 1));
                }
              });
      return object;
    }
    if (kind.equals("array")) {
      var array = JSON.createArrayNode();
      for (int i = one(20) ? 60 : random.nextInt(4); i > 0 && depth < 6; i--) {
        array.add(made(schema.path("items"), depth + 1));
      }
      return array;
    }
    return leaf(schema, kind);
  }

  private JsonNode leaf(JsonNode schema, String kind) {
    if (schema.has("enum") && !one(10)) {
      return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
    }
    if (one(25)) {
      return JSON.nullNode();
    }
    return switch (kind) {
      case "integer" ->
          JSON.getNodeFactory()
              .numberNode(
                  one(3)
                      ? List.of(-1L, 0L, 2147483648L, Long.MAX_VALUE).get(random.nextInt(4))
                      : random.nextLong(1, 60));
      case "number" -> JSON.getNodeFactory().numberNode(one(3) ? 1e308 : random.nextDouble() * 5);
      case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
      default -> JSON.getNodeFactory().stringNode(value(schema));
    };
  }

  private void spoil(JsonNode tree) {
    var inner = new ArrayList<JsonNode>();
    collect(tree, inner);
    if (inner.isEmpty()) {
      return;
    }
    var node = inner.get(random.nextInt(inner.size()));
    JsonNode other =
        switch (random.nextInt(5)) {
          case 0 -> JSON.nullNode();
          case 1 -> JSON.createArrayNode().add(JSON.nullNode());
          case 2 -> JSON.createObjectNode().put("x", 1);
          case 3 -> JSON.getNodeFactory().numberNode(1e308);
          default -> JSON.getNodeFactory().stringNode(anyText());
        };
    if (node instanceof ObjectNode object) {
      var names = new ArrayList<>(object.propertyNames());
      object.set(
          names.isEmpty() || one(6) ? "unknown" : names.get(random.nextInt(names.size())), other);
    } else if (node instanceof ArrayNode array) {
      array.add(other);
    }
  }

  private static void collect(JsonNode node, List<JsonNode> into) {
    if (node.isContainer()) {
      into.add(node);
      node.forEach(child -> collect(child, into));
    }
  }

  private String value(JsonNode schema) {
    if (schema.has("$ref")) {
      return JSON.writeValueAsString(made(schema, 3)).replace("\"", "");
    }
    if (schema.has("enum") && !one(8)) {
      return schema.path("enum").get(random.nextInt(schema.path("enum").size())).asString();
    }
    return switch (schema.path("format").asString("")) {
      case "date" ->
          one(4) ? anyText() : "2026-0" + (1 + random.nextInt(9)) + "-1" + random.nextInt(10);
      case "uuid" -> one(3) || known.isEmpty() ? anyText() : pick(known);
      default ->
          switch (schema.path("type").asString("")) {
            case "integer", "number" ->
                one(2) ? pick(NUMBERS) : Integer.toString(random.nextInt(100));
            case "boolean" -> pick(List.of("true", "false", "maybe"));
            default -> anyText();
          };
    };
  }

  private String anyText() {
    return one(3) && !known.isEmpty() ? pick(known) : pick(TEXTS);
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
  }

  private String pick(List<String> from) {
    return from.get(random.nextInt(from.size()));
  }

  private boolean one(int in) {
    return random.nextInt(in) == 0;
  }
}
