package humblequill.server.book.picture;

import humblequill.core.book.picture.Corners;
import humblequill.core.book.picture.EvenLight;
import humblequill.core.book.picture.Spot;
import humblequill.core.book.picture.Straight;
import humblequill.server.ground.data.StoredJson;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a picture is seen straight, as it is stored. See docs/formats/stored.md. */
record StoredStraight(List<List<Double>> corners, double ratio, @Nullable List<Double> light) {
  static String write(Straight straight) {
    return StoredJson.write(
        new StoredStraight(
            straight.corners().clockwise().stream().map(s -> List.of(s.x(), s.y())).toList(),
            straight.ratio(),
            straight.light().map(EvenLight::figures).orElse(null)));
  }

  static Optional<Straight> read(String text) {
    if (text.isEmpty()) {
      return Optional.empty();
    }
    var stored = StoredJson.read(text, StoredStraight.class);
    return Optional.of(
        new Straight(
            Corners.of(stored.corners.stream().map(c -> new Spot(c.get(0), c.get(1))).toList()),
            stored.ratio,
            Optional.ofNullable(stored.light).map(EvenLight::new)));
  }
}
