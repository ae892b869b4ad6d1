package humblequill.server.topic.recall;

import humblequill.core.topic.recall.StepOrder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.stereotype.Component;

/** Plates and orders of steps that ship, see docs/formats/plate.md. */
@Component
class ShippedPlates {
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
  private static final List<String> ORDERS =
      List.of("begin-a-figure", "build-a-head", "lay-in-a-hull");

  private final List<ShownPlate> plates = PLATES.stream().map(ShippedPlates::plate).toList();
  private final List<StepOrder> orders = ORDERS.stream().map(ShippedPlates::order).toList();

  List<ShownPlate> plates() {
    return plates;
  }

  List<StepOrder> orders() {
    return orders;
  }

  /** The file of one that ships. */
  static String file(String id) {
    return text(id + ".yaml");
  }

  /** The picture of one that ships. */
  static String svg(String id) {
    return text(id + ".svg");
  }

  private static ShownPlate plate(String id) {
    var file = PlateFile.tree(file(id));
    return new ShownPlate(PlateFile.plate(id, file), PlateFile.note(file), null, null, null);
  }

  private static StepOrder order(String id) {
    return PlateFile.order(id, PlateFile.tree(file(id)));
  }

  private static String text(String file) {
    try (var in = ShippedPlates.class.getResourceAsStream("/recall/" + file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
