package humblequill.server.course.placement;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.placement.PlanChangeCases;
import humblequill.server.course.CourseReading;
import humblequill.server.course.CourseWriting;
import humblequill.server.ground.data.StoredJson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plan changes as they are stored: a list of objects, each with its kind and what that kind needs.
 * Weeks and exercises are written as course files write them. See docs/formats/stored.md.
 */
final class StoredChanges {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private StoredChanges() {}

  static String write(List<PlanChange> changes) {
    var array = JSON.createArrayNode();
    changes.forEach(change -> array.add(change.match(new Writing())));
    return array.toString();
  }

  static List<PlanChange> read(String text) {
    var changes = new ArrayList<PlanChange>();
    JSON.readTree(text).forEach(node -> changes.add(read(node)));
    return changes;
  }

  private static PlanChange read(JsonNode node) {
    var week = text(node, "week");
    return switch (text(node, "kind")) {
      case "stretch" -> new PlanChange.Stretch(week, node.path("days").asInt());
      case "until-done" -> new PlanChange.UntilDone(week, node.path("on").asBoolean());
      case "repeat" -> new PlanChange.Repeat(week, text(node, "as"));
      case "skip" -> new PlanChange.Skip(week, LocalDate.parse(text(node, "on")));
      case "swap" -> new PlanChange.Swap(week, text(node, "other"));
      case "empty-week" ->
          new PlanChange.Empty(text(node, "before"), text(node, "as"), node.path("days").asInt());
      case "detour" ->
          new PlanChange.Detour(
              text(node, "before"),
              text(node, "as"),
              node.path("weeks").valueStream().map(CourseReading::week).toList());
      case "pause" -> new PlanChange.Pause(week, dates(node));
      case "slide" -> new PlanChange.Slide(week, dates(node));
      case "let-go" -> new PlanChange.LetGo(week, dates(node), units(node));
      case "drop" -> new PlanChange.Drop(week, units(node));
      case "pace" ->
          new PlanChange.Pace(week, text(node, "exercise"), node.path("secondsEach").asInt());
      case "minutes-a-day" -> new PlanChange.MinutesADay(week, node.path("minutes").asInt());
      case "add" -> new PlanChange.Add(week, CourseReading.exercise(node.path("exercise")));
      case "policy" ->
          new PlanChange.Policy(StoredJson.kind(MissedWork.class, text(node, "policy")));
      default ->
          throw new IllegalStateException(
              "A plan change of the kind \"" + text(node, "kind") + "\" cannot be read");
    };
  }

  private static String text(JsonNode node, String field) {
    return node.path(field).asString("");
  }

  private static Set<LocalDate> dates(JsonNode node) {
    return node.path("dates")
        .valueStream()
        .map(date -> LocalDate.parse(date.asString()))
        .collect(Collectors.toSet());
  }

  private static Map<String, Integer> units(JsonNode node) {
    var units = new HashMap<String, Integer>();
    node.path("units").properties().forEach(e -> units.put(e.getKey(), e.getValue().asInt()));
    return units;
  }

  private static final class Writing implements PlanChangeCases<ObjectNode> {
    private static ObjectNode kind(String kind) {
      return JSON.createObjectNode().put("kind", kind);
    }

    private static ObjectNode ofWeek(String kind, String week) {
      return kind(kind).put("week", week);
    }

    private static ObjectNode closing(String kind, String week, Collection<LocalDate> dates) {
      var node = ofWeek(kind, week);
      var array = node.putArray("dates");
      dates.stream().sorted().forEach(date -> array.add(date.toString()));
      return node;
    }

    private static void units(ObjectNode node, Map<String, Integer> units) {
      var written = node.putObject("units");
      units.keySet().stream().sorted().forEach(id -> written.put(id, units.get(id)));
    }

    @Override
    public ObjectNode stretch(PlanChange.Stretch c) {
      return ofWeek("stretch", c.week()).put("days", c.days());
    }

    @Override
    public ObjectNode untilDone(PlanChange.UntilDone c) {
      return ofWeek("until-done", c.week()).put("on", c.on());
    }

    @Override
    public ObjectNode repeat(PlanChange.Repeat c) {
      return ofWeek("repeat", c.week()).put("as", c.as());
    }

    @Override
    public ObjectNode skip(PlanChange.Skip c) {
      return ofWeek("skip", c.week()).put("on", c.on().toString());
    }

    @Override
    public ObjectNode swap(PlanChange.Swap c) {
      return ofWeek("swap", c.week()).put("other", c.other());
    }

    @Override
    public ObjectNode empty(PlanChange.Empty c) {
      return kind("empty-week").put("before", c.before()).put("as", c.as()).put("days", c.days());
    }

    @Override
    public ObjectNode detour(PlanChange.Detour c) {
      var node = kind("detour").put("before", c.before()).put("as", c.as());
      var weeks = node.putArray("weeks");
      c.weeks().forEach(week -> weeks.add(CourseWriting.week(week)));
      return node;
    }

    @Override
    public ObjectNode pause(PlanChange.Pause c) {
      return closing("pause", c.week(), c.dates());
    }

    @Override
    public ObjectNode slide(PlanChange.Slide c) {
      return closing("slide", c.week(), c.dates());
    }

    @Override
    public ObjectNode letGo(PlanChange.LetGo c) {
      var node = closing("let-go", c.week(), c.dates());
      units(node, c.units());
      return node;
    }

    @Override
    public ObjectNode drop(PlanChange.Drop c) {
      var node = ofWeek("drop", c.week());
      units(node, c.units());
      return node;
    }

    @Override
    public ObjectNode pace(PlanChange.Pace c) {
      return ofWeek("pace", c.week())
          .put("exercise", c.exercise())
          .put("secondsEach", c.secondsEach());
    }

    @Override
    public ObjectNode minutesADay(PlanChange.MinutesADay c) {
      return ofWeek("minutes-a-day", c.week()).put("minutes", c.minutes());
    }

    @Override
    public ObjectNode add(PlanChange.Add c) {
      var node = ofWeek("add", c.week());
      node.set("exercise", CourseWriting.exercise(c.exercise()));
      return node;
    }

    @Override
    public ObjectNode policy(PlanChange.Policy c) {
      return kind("policy").put("policy", StoredJson.word(c.policy()));
    }
  }
}
