package humblequill.server;

import humblequill.core.ground.message.Message;
import humblequill.core.promise.Rule;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Where answers recorded with an earlier version stand now, and what differs on purpose. */
final class LandedAnswers {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final List<String> ENTRY_FIELDS =
      List.of(
          "day",
          "time",
          "exerciseId",
          "topic",
          "drawings",
          "minutes",
          "source",
          "medium",
          "resource",
          "book",
          "pageFrom",
          "pageTo",
          "mark",
          "wentWrong",
          "nextTime",
          "note");
  private static final Map<String, String> CHANGE_KINDS =
      Map.ofEntries(
          Map.entry("Stretch", "STRETCH"),
          Map.entry("UntilDone", "UNTIL_DONE"),
          Map.entry("Repeat", "REPEAT"),
          Map.entry("Skip", "SKIP"),
          Map.entry("Swap", "SWAP"),
          Map.entry("Empty", "EMPTY"),
          Map.entry("Detour", "DETOUR"),
          Map.entry("Pause", "PAUSE"),
          Map.entry("Slide", "SLIDE"),
          Map.entry("LetGo", "LET_GO"),
          Map.entry("Drop", "DROP"),
          Map.entry("Pace", "PACE"),
          Map.entry("MinutesADay", "MINUTES_A_DAY"),
          Map.entry("Add", "ADD"),
          Map.entry("Policy", "POLICY"));

  private static final List<String> SETS =
      Stream.concat(Stream.of(DayOfWeek.values()), Stream.of(Rule.values()))
          .map(Enum::name)
          .toList();

  /** Spellings of names that ship are shown as those names; what was written is kept. */
  private static final List<String> SPELLINGS = List.of("soft pastel", "reflections");

  private LandedAnswers() {}

  /** An answer as it would be given now, at its address of now; no address for what is gone. */
  record Moved(String address, JsonNode answer) {}

  private static final Map<String, String> SETTINGS =
      Map.ofEntries(
          Map.entry("zone", "time.zone"),
          Map.entry("weekStart", "time.weekStart"),
          Map.entry("rolloverHour", "time.rolloverHour"),
          Map.entry("week", "time.week"),
          Map.entry("dayMinutes", "time.dayMinutes"),
          Map.entry("restDays", "time.restDays"),
          Map.entry("pauses", "time.pauses"),
          Map.entry("streakRule", "counting.school"),
          Map.entry("streakDaysPerWeek", "counting.daysPerWeek"),
          Map.entry("streakFloorMinutes", "counting.floorMinutes"),
          Map.entry("overheadMinutes", "work.overheadMinutes"),
          Map.entry("freePercent", "work.freePercent"),
          Map.entry("dayOrder", "work.dayOrder"),
          Map.entry("locale", "look.locale"),
          Map.entry("theme", "look.theme"));

  static Moved moved(String address, JsonNode before) {
    if (address.equals("/api/words")) {
      return new Moved("", before);
    }
    if (address.equals("/api/settings")) {
      return new Moved(address, settings(before));
    }
    return new Moved(
        address.replace("size=", "most="),
        address.endsWith("/history") ? history(before) : tree(before));
  }

  /** Settings stood side by side then; by now they are told by subject. */
  private static JsonNode settings(JsonNode before) {
    var moved = JSON.createObjectNode();
    before
        .properties()
        .forEach(
            e -> {
              var place = SETTINGS.get(e.getKey());
              if (place == null) {
                moved.set(e.getKey(), e.getValue());
              } else {
                var parts = place.split("\\.");
                moved.withObjectProperty(parts[0]).set(parts[1], e.getValue());
              }
            });
    return moved;
  }

  /** Rounds of a running clock in calendars. */
  static String withoutStamps(String text) {
    return text.replaceAll("DTSTAMP:\\w+", "DTSTAMP").replace("soft pastel", "pastel");
  }

  /**
   * What differs on purpose: spellings, the words for parts of a list, readings that are equally
   * good, and that a medium which cannot be erased keeps the rule not to erase.
   */
  static boolean named(String where, String path, String value) {
    return SPELLINGS.contains(value)
        || path.matches("(.entries)?.(page|size)") && where.matches("/api/(entries|search).*")
        || where.equals("/api/feed") && path.equals(".address")
        // How likely it is was reckoned anew: see docs/decisions/forecast.md.
        || path.contains(".forecast.")
        // Remedies begin from what today's drawing left, and none asks for hurry.
        || path.contains(".remedies.")
        // Courses that ship have other names and another cut.
        || where.equals("/api/courses")
        || path.contains(".detour")
        || path.contains("kept.NO_ERASER.")
        || where.equals("/api/today") && path.startsWith(".asked")
        || where.startsWith("LINE 26 hulls") && path.contains(".choices");
  }

  private static JsonNode history(JsonNode before) {
    for (var line : before) {
      line.path("changes")
          .forEach(c -> ((ObjectNode) c).put("kind", CHANGE_KINDS.get(c.path("kind").asString())));
      if (line.hasNonNull("kept")) {
        ((ObjectNode) line).remove("kept");
      }
    }
    return before;
  }

  /** How a line was read; what else it could have been is asked about otherwise by now. */
  static JsonNode line(JsonNode before) {
    var moved = JSON.createObjectNode();
    moved.set("phrases", withoutChoices(before.path("parts")));
    moved.putArray("entries").add(before.path("fields"));
    moved.put("dayOff", false);
    return moved;
  }

  static JsonNode withoutChoices(JsonNode phrases) {
    var bare = JSON.createArrayNode();
    phrases
        .valueStream()
        .forEach(
            phrase -> {
              var kept = (ObjectNode) phrase.deepCopy();
              kept.remove("choices");
              bare.add(kept);
            });
    return bare;
  }

  private static JsonNode tree(JsonNode node) {
    if (node instanceof ArrayNode array) {
      var moved = JSON.createArrayNode();
      array.valueStream().sorted(LandedAnswers::byEnum).forEach(n -> moved.add(tree(n)));
      return moved;
    }
    if (!(node instanceof ObjectNode object)) {
      return node;
    }
    var moved = JSON.createObjectNode();
    boolean entry = object.has("minutesOrEstimate");
    var fields = entry ? moved.putObject("fields") : moved;
    object
        .properties()
        .forEach(
            e -> {
              var name = e.getKey();
              if (entry && name.equals("poses")) {
                fields.set("poses", poses(e.getValue().asString()));
              } else if (entry && ENTRY_FIELDS.contains(name)) {
                fields.set(name, tree(e.getValue()));
              } else {
                moved.set(renamed(object, name), tree(e.getValue()));
              }
            });
    return moved;
  }

  /** Sets of weekdays and rules had no order. */
  private static int byEnum(JsonNode a, JsonNode b) {
    return place(a) - place(b);
  }

  private static int place(JsonNode node) {
    return node.isString() ? SETS.indexOf(node.asString()) : -1;
  }

  private static String renamed(ObjectNode object, String name) {
    if (name.equals("page") && object.has("doneToday")) {
      return "number";
    }
    if (name.equals("foreshortening") && object.has("cabinet")) {
      return "emphasis";
    }
    return name.equals("run") && object.has("outcome") ? "record" : name;
  }

  private static JsonNode poses(String text) {
    var rows = JSON.createArrayNode();
    for (var row : text.isEmpty() ? new String[0] : text.split(", ")) {
      var parts = row.split(" x | ");
      rows.addObject()
          .put("count", Integer.parseInt(parts[0]))
          .put("secondsEach", Integer.parseInt(parts[1]) * (parts[2].equals("min") ? 60 : 1));
    }
    return rows;
  }

  /**
   * Whether an answer has a sentence as it was written, which was a text before messages had codes.
   */
  static boolean isWritten(JsonNode node) {
    return node.path("code").asString("").equals(Message.AS_WRITTEN);
  }

  static String written(JsonNode node) {
    return node.path("arguments").path("text").asString();
  }
}
