package humblequill.server.recall;

import humblequill.core.recall.Judging;
import humblequill.core.recall.Pin;
import humblequill.core.recall.Plate;
import humblequill.core.recall.StepOrder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Plates and orders of steps that ship, see docs/formats/plate.md. */
@Component
class ShippedPlates {
  private static final YAMLMapper YAML = YAMLMapper.builder().build();
  private static final List<String> PLATES =
      List.of(
          "skeleton-front",
          "skeleton-back",
          "skeleton-side",
          "skull-front",
          "skull-side",
          "hand",
          "foot",
          "muscles-front",
          "muscles-back",
          "head",
          "figure",
          "boat");

  private final List<ShippedPlate> plates = PLATES.stream().map(ShippedPlates::plate).toList();
  private final List<StepOrder> orders =
      YAML.readTree(text("orders.yaml")).valueStream().map(ShippedPlates::order).toList();
  private final Judging judging =
      new Judging(
          plates.stream()
              .flatMap(p -> p.plate().pins().stream())
              .flatMap(pin -> pin.right().stream())
              .toList());

  /**
   * A plate with its picture.
   *
   * @param note how it is to be read
   * @param svg the picture
   */
  record ShippedPlate(Plate plate, String note, String svg) {}

  List<ShippedPlate> plates() {
    return plates;
  }

  List<StepOrder> orders() {
    return orders;
  }

  /** Judges names among all of all plates. */
  Judging judging() {
    return judging;
  }

  Optional<ShippedPlate> plate(Object id) {
    return plates.stream().filter(p -> p.plate().id().equals(id)).findFirst();
  }

  Optional<StepOrder> order(Object id) {
    return orders.stream().filter(o -> o.id().equals(id)).findFirst();
  }

  private static ShippedPlate plate(String id) {
    var file = YAML.readTree(text(id + ".yaml"));
    return new ShippedPlate(
        new Plate(
            file.path("id").asString(),
            file.path("title").asString(),
            words(file.path("topics")),
            file.path("ratio").asDouble(),
            file.path("pins").valueStream().map(ShippedPlates::pin).toList()),
        file.path("note").asString(""),
        text(id + ".svg"));
  }

  private static Pin pin(JsonNode pin) {
    return new Pin(
        pin.path("id").asString(),
        pin.path("name").asString(),
        pin.path("latin").asString(""),
        words(pin.path("others")),
        pin.path("x").asDouble(),
        pin.path("y").asDouble(),
        pin.path("reach").asDouble(Pin.REACH));
  }

  private static StepOrder order(JsonNode order) {
    return new StepOrder(
        order.path("id").asString(),
        order.path("title").asString(),
        words(order.path("topics")),
        words(order.path("steps")));
  }

  private static List<String> words(JsonNode list) {
    return list.valueStream().map(JsonNode::asString).toList();
  }

  private static String text(String file) {
    try (var in = ShippedPlates.class.getResourceAsStream("/recall/" + file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
