package humblequill.server.topic.recall;

import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.edge.Refusal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Plates and orders as they are shown. */
@Component
class ShownInRecall {
  private final RecallLibrary library;
  private final OwnPlates own;
  private final PagePictures pictures;

  ShownInRecall(RecallLibrary library, OwnPlates own, PagePictures pictures) {
    this.library = library;
    this.own = own;
    this.pictures = pictures;
  }

  /**
   * A plate.
   *
   * @param note how it is to be read
   * @param ratio its width ÷ height
   * @param picture which of the learner's pictures it shows; null for lines
   * @param gone whether that picture was taken out
   * @param turned whether that picture was turned or straightened since the pins were set
   * @param version of one's own; null for one that ships
   */
  record PlateView(
      String id,
      String title,
      String note,
      List<String> topics,
      double ratio,
      List<PinView> pins,
      @Nullable UUID picture,
      boolean gone,
      boolean turned,
      @Nullable Long version) {}

  /** A named place; an empty Latin name is not known. */
  record PinView(String id, String name, String latin, List<String> others, double x, double y) {}

  /**
   * An order of steps.
   *
   * @param version of one's own; null for one that ships
   */
  record OrderView(
      String id, String title, List<String> topics, List<String> steps, @Nullable Long version) {}

  /** A picture as it is sent. */
  record SentPicture(byte[] bytes, boolean isLines) {}

  @Transactional(readOnly = true)
  public PlateView plate(String id) {
    var shown = library.plate(id);
    var plate = shown.plate();
    var now = own.picture(shown);
    return new PlateView(
        id,
        plate.title(),
        shown.note(),
        library.calledNow(plate.topics()),
        plate.ratio(),
        plate.pins().stream()
            .map(p -> new PinView(p.id(), p.name(), p.latin(), p.others(), p.x(), p.y()))
            .toList(),
        shown.picture(),
        library.isGone(shown),
        now.filter(p -> !p.way().equals(shown.pictureWay())).isPresent(),
        shown.version());
  }

  @Transactional(readOnly = true)
  public OrderView order(String id) {
    var order = library.order(id);
    return new OrderView(
        id,
        order.title(),
        library.calledNow(order.topics()),
        order.steps(),
        own.version(order).orElse(null));
  }

  /** The file of a plate or an order. */
  @Transactional(readOnly = true)
  public String file(String id) {
    return library.ships(id) ? ShippedPlates.file(id) : own.file(id);
  }

  /** The picture of a plate. */
  @Transactional(readOnly = true)
  public SentPicture picture(String id) {
    if (library.ships(id)) {
      return new SentPicture(ShippedPlates.svg(id).getBytes(StandardCharsets.UTF_8), true);
    }
    var shown = library.plate(id);
    if (shown.picture() == null) {
      return new SentPicture(own.svg(shown).orElseThrow().getBytes(StandardCharsets.UTF_8), true);
    }
    var picture = own.picture(shown).orElseThrow(() -> Refusal.notFound("picture", id));
    return new SentPicture(pictures.overLeaf(picture.id()), false);
  }
}
