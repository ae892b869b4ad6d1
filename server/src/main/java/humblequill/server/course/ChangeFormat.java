package humblequill.server.course;

import humblequill.core.course.PlanChange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;

/** Writes plan changes as JSON and reads them back: an array of {kind, change}. */
final class ChangeFormat {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Map<String, Class<? extends PlanChange>> KINDS =
      Stream.of(PlanChange.class.getPermittedSubclasses())
          .map(c -> c.<PlanChange>asSubclass(PlanChange.class))
          .collect(Collectors.toMap(Class::getSimpleName, c -> c));

  private ChangeFormat() {}

  static String write(List<PlanChange> changes) {
    ArrayNode array = JSON.createArrayNode();
    for (var change : changes) {
      array
          .addObject()
          .put("kind", change.getClass().getSimpleName())
          .set("change", JSON.valueToTree(change));
    }
    return array.toString();
  }

  static List<PlanChange> read(String text) {
    var changes = new ArrayList<PlanChange>();
    for (var node : JSON.readTree(text)) {
      changes.add(JSON.treeToValue(node.path("change"), KINDS.get(node.path("kind").asString())));
    }
    return changes;
  }
}
