package humblequill.server.ground.migration;

import humblequill.core.day.entry.Poses;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes plan changes, promises and sittings in their lasting forms. */
final class Documents {
  private static final double MINUTE = 60;

  private Documents() {}

  static void rewrite(Connection connection, NameRows names) throws SQLException {
    Rows.rewrite(connection, "plan_change", "changes", Documents::changes);
    Rows.rewrite(connection, "quota", "document", old -> quota(old, names));
    Rows.rewrite(connection, "sitting", "begun", old -> sitting(old, names));
    Rows.rewrite(connection, "sitting", "steps", Documents::steps);
    Rows.rewrite(connection, "sitting", "events", Documents::presses);
    appointments(connection);
  }

  /** Poses of appointments were counts and seconds, as in "10x120 2x1200". */
  private static void appointments(Connection connection) throws SQLException {
    try (var rows =
            connection
                .createStatement()
                .executeQuery("select id, poses from appointment where poses <> ''");
        var update = connection.prepareStatement("update appointment set poses = ? where id = ?")) {
      while (rows.next()) {
        update.setString(1, Poses.read(rows.getString(2).strip().replace(' ', ',')).written());
        update.setObject(2, rows.getObject(1));
        update.executeUpdate();
      }
    }
  }

  static ArrayNode changes(JsonNode old) {
    var changes = Rows.object().putArray("changes");
    for (var entry : old) {
      var change = entry.path("change");
      var kind = Rows.word(entry.path("kind").asString());
      var written = changes.addObject().put("kind", kind.equals("empty") ? "empty-week" : kind);
      for (var field : change.properties()) {
        written.set(field.getKey(), changed(field.getKey(), field.getValue()));
      }
    }
    return changes;
  }

  private static JsonNode changed(String field, JsonNode value) {
    return switch (field) {
      case "weeks" -> {
        var weeks = Rows.object().putArray("weeks");
        value.forEach(week -> weeks.add(week(week)));
        yield weeks;
      }
      case "exercise" -> value.isObject() ? exercise(value) : value;
      case "policy" -> Rows.object().put("policy", Rows.word(value.asString())).path("policy");
      default -> value;
    };
  }

  /** A week as course files write it. */
  private static ObjectNode week(JsonNode old) {
    var week = Rows.object().put("title", Rows.text(old, "title"));
    week.put("aim", Rows.text(old, "aim"));
    week.set("topics", old.path("topics"));
    if (!old.path("resources").isEmpty()) {
      week.set("resources", old.path("resources"));
    }
    var exercises = week.putArray("exercises");
    old.path("exercises").forEach(e -> exercises.add(exercise(e)));
    return week;
  }

  private static ObjectNode exercise(JsonNode old) {
    var exercise = Rows.object().put("id", Rows.text(old, "id"));
    exercise.put("title", Rows.text(old, "title"));
    exercise.put("kind", Rows.word(Rows.text(old, "kind")));
    int quantity = old.path("target").path("quantity").asInt();
    if (Rows.text(old.path("target"), "unit").equals("DRAWINGS")) {
      exercise.put("drawings", quantity);
      exercise.put("minutesEach", old.path("secondsEach").asInt() / MINUTE);
    } else {
      exercise.put("minutes", quantity);
    }
    exercise.put("chunk", old.path("chunk").asInt());
    put(exercise, "after", Rows.text(old, "after"));
    put(exercise, "on", Rows.word(Rows.text(old, "on")));
    put(exercise, "again", Rows.text(old, "again"));
    put(exercise, "source", Rows.text(old, "source"));
    if (!old.path("topics").isEmpty()) {
      exercise.set("topics", old.path("topics"));
    }
    exercise.put("text", Rows.text(old, "text")).put("lookFor", Rows.text(old, "lookFor"));
    if (!old.path("alsoCalled").isEmpty()) {
      exercise.set("alsoCalled", old.path("alsoCalled"));
    }
    return exercise;
  }

  private static void put(ObjectNode node, String field, String value) {
    if (!value.isEmpty()) {
      node.put(field, value);
    }
  }

  static ObjectNode quota(JsonNode old, NameRows names) throws SQLException {
    var quota = Rows.object();
    quota.put("title", Rows.text(old, "title")).put("kind", word(old, "kind"));
    copy(quota, old, "count", "days", "step", "weeks", "start", "due", "exercise");
    quota.put("unit", word(old, "unit"));
    for (var field : List.of("topic", "medium", "source", "book")) {
      quota.set(field, names.refer(NameRows.kind(field), Rows.text(old, field)));
    }
    quota.set("rest", words(old.path("rest")));
    quota.put("policy", word(old, "policy"));
    quota.set("rules", words(old.path("rules")));
    copy(quota, old, "secondsEach", "minutesADay", "beside");
    return quota;
  }

  static ObjectNode sitting(JsonNode old, NameRows names) throws SQLException {
    var sitting = Rows.object();
    sitting.set("ladder", ladder(old.path("plan")));
    copy(sitting, old, "title", "timeOnly", "free", "aim", "energy", "cue", "page", "seed");
    sitting.put("exercise", nullable(old, "exerciseId"));
    sitting.put("prompt", nullable(old, "promptId"));
    for (var field : List.of("topic", "source", "medium", "book")) {
      sitting.set(field, names.refer(NameRows.kind(field), Rows.text(old, field)));
    }
    for (var field : List.of("drill", "references")) {
      sitting.put(field, word(old, field));
    }
    for (var field : List.of("cabinet", "foreshortening")) {
      var value = nullable(old, field);
      sitting.put(field, value == null ? null : Rows.word(value));
    }
    return sitting;
  }

  private static ObjectNode ladder(JsonNode old) {
    var ladder = Rows.object().put("kind", word(old, "kind"));
    copy(ladder, old, "minutes", "secondsEach", "rows", "parts");
    return ladder;
  }

  static ArrayNode steps(JsonNode old) {
    var steps = Rows.object().putArray("steps");
    for (var step : old) {
      steps
          .addObject()
          .put("kind", word(step, "kind"))
          .put("seconds", step.path("seconds").asInt())
          .put("drawing", step.path("drawing").asInt())
          .put("part", Rows.text(step, "part"));
    }
    return steps;
  }

  static ArrayNode presses(JsonNode old) {
    var presses = Rows.object().putArray("presses");
    for (var press : old) {
      presses.addObject().put("press", word(press, "press")).put("at", Rows.text(press, "at"));
    }
    return presses;
  }

  private static void copy(ObjectNode node, JsonNode old, String... fields) {
    for (var field : fields) {
      var value = old.path(field);
      node.set(field, value.isMissingNode() ? NullNode.instance : value);
    }
  }

  private static @Nullable String nullable(JsonNode old, String field) {
    var text = Rows.text(old, field);
    return text.isEmpty() ? null : text;
  }

  private static String word(JsonNode node, String field) {
    return Rows.word(Rows.text(node, field));
  }

  private static ArrayNode words(JsonNode old) {
    var words = Rows.object().putArray("words");
    old.valueStream().map(n -> Rows.word(n.asString())).sorted().forEach(words::add);
    return words;
  }
}
