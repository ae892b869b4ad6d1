package humblequill.server.topic.recall;

import humblequill.core.ground.name.NameKind;
import humblequill.core.topic.recall.Judging;
import humblequill.core.topic.recall.StepOrder;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** All plates and orders of steps: those that ship, then the learner's own. */
@Component
class RecallLibrary {
  private final ShippedPlates shipped;
  private final OwnPlates own;
  private final NameService names;

  RecallLibrary(ShippedPlates shipped, OwnPlates own, NameService names) {
    this.shipped = shipped;
    this.own = own;
    this.names = names;
  }

  /** Topics as they are called now, whatever they were called when a file was written. */
  List<String> calledNow(List<String> topics) {
    var all = names.names();
    return topics.stream().map(t -> all.called(NameKind.TOPIC, t)).distinct().toList();
  }

  List<ShownPlate> plates() {
    return Stream.concat(shipped.plates().stream(), own.plates().stream()).toList();
  }

  List<StepOrder> orders() {
    return Stream.concat(
            shipped.orders().stream(), own.orders().stream().map(OwnPlates.OwnOrder::order))
        .toList();
  }

  ShownPlate plate(String id) {
    return plates().stream()
        .filter(p -> p.plate().id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("plate", id));
  }

  StepOrder order(String id) {
    return orders().stream()
        .filter(o -> o.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("orderOfSteps", id));
  }

  boolean isOwn(StepOrder order) {
    return own.version(order).isPresent();
  }

  /** Whether a plate or an order came with the program. */
  boolean ships(String id) {
    return shipped.plates().stream().anyMatch(p -> p.plate().id().equals(id))
        || shipped.orders().stream().anyMatch(o -> o.id().equals(id));
  }

  /** Whether the picture of a plate was taken out. */
  boolean isGone(ShownPlate plate) {
    return plate.picture() != null && own.picture(plate).isEmpty();
  }

  /** Judges names among all of all plates. */
  Judging judging() {
    return new Judging(
        plates().stream()
            .flatMap(p -> p.plate().pins().stream())
            .flatMap(pin -> pin.right().stream())
            .toList());
  }
}
