package humblequill.server.bench;

import humblequill.core.ground.message.Message;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.server.bench.ComparisonFields.LandmarkPlace;
import humblequill.server.bench.ComparisonFields.ReferenceFields;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.sitting.reference.CabinetPng;
import humblequill.server.sitting.reference.PictureFolder;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pictures that are compared: of the cabinet, of pages, of the own folder. */
@Component
class References {
  private static final int HELD = 2000;

  /** Longest side of a picture that is printed, in dots. */
  private static final int PRINTED = 2000;

  private final PagePictures pages;
  private final PictureFolder folder;

  /** Landmarks of the cabinet's pictures; each is the same for ever. */
  private final Map<ReferenceFields, List<LandmarkPlace>> cabinet =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(
                Map.Entry<ReferenceFields, List<LandmarkPlace>> eldest) {
              return size() > HELD;
            }
          });

  References(PagePictures pages, PictureFolder folder) {
    this.pages = pages;
    this.folder = folder;
  }

  /** Where the picture of a reference is read; empty where it is gone. */
  String address(ReferenceFields reference) {
    return switch (reference.from()) {
      case CABINET ->
          "/api/cabinet/picture.svg?seed=%d&kind=%s&emphasis=%s&view=%s"
              .formatted(
                  reference.seed(), reference.cabinet(), reference.emphasis(), reference.view());
      case PAGE -> address(reference.picture());
      case FOLDER ->
          look(reference) == null ? "" : "/api/references/pictures/" + reference.picture();
    };
  }

  /** Where a page's picture is read; empty where it is gone. */
  String address(@Nullable UUID picture) {
    return look(picture) == null ? "" : "/api/pictures/" + picture + "/LARGE";
  }

  /** How a reference is seen; null where its picture is gone. */
  @Nullable PictureLook look(ReferenceFields reference) {
    return switch (reference.from()) {
      case CABINET -> new PictureLook("", 1, true);
      case PAGE -> look(reference.picture());
      case FOLDER ->
          folder
              .ratio(Objects.requireNonNull(reference.picture()))
              .map(ratio -> new PictureLook("", ratio, false))
              .orElse(null);
    };
  }

  /** How a page's picture is seen; null where it is gone. */
  @Nullable PictureLook look(@Nullable UUID picture) {
    var found = picture == null ? null : pages.all().get(picture);
    return found == null
        ? null
        : new PictureLook(found.way(), (double) found.width() / found.height(), found.straight());
  }

  /** Landmarks of a reference: those the cabinet knows, else those that were told. */
  List<LandmarkPlace> places(ReferenceFields reference, List<LandmarkPlace> told) {
    return reference.from() == ComparisonFields.From.CABINET ? places(reference) : told;
  }

  private static Reference made(ReferenceFields key) {
    return Reference.of(
        Objects.requireNonNull(key.seed()),
        Objects.requireNonNull(key.cabinet()),
        Objects.requireNonNull(key.emphasis()),
        Objects.requireNonNull(key.view()));
  }

  private List<LandmarkPlace> places(ReferenceFields r) {
    return cabinet.computeIfAbsent(
        r,
        key -> {
          var made = made(key);
          double size = Reference.SIZE;
          return made.landmarks().entrySet().stream()
              .map(
                  e ->
                      new LandmarkPlace(
                          e.getKey(), e.getValue().x() / size, e.getValue().y() / size))
              .toList();
        });
  }

  /** The picture of a reference, to be printed; empty where it is gone. */
  Optional<BufferedImage> picture(ReferenceFields reference) {
    if (look(reference) == null) {
      return Optional.empty();
    }
    if (reference.from() == ComparisonFields.From.FOLDER) {
      return folder
          .seen(Objects.requireNonNull(reference.picture()), PRINTED)
          .map(References::onPaper);
    }
    try {
      return Optional.of(onPaper(ImageIO.read(new ByteArrayInputStream(bytes(reference)))));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private byte[] bytes(ReferenceFields r) throws IOException {
    return r.from() == ComparisonFields.From.CABINET
        ? CabinetPng.of(made(r).drawing(), PRINTED)
        : pages.shown(Objects.requireNonNull(r.picture()), PRINTED);
  }

  /** Without anything to see through, as printers want it. */
  private static BufferedImage onPaper(BufferedImage image) {
    var flat = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    var pen = flat.createGraphics();
    pen.drawImage(image, 0, 0, Color.WHITE, null);
    pen.dispose();
    return flat;
  }

  /** Refuses a reference that is not told whole. */
  static void check(ReferenceFields r) {
    if (r.from() == ComparisonFields.From.CABINET) {
      if (r.seed() == null || r.cabinet() == null) {
        throw Refusal.badValue("reference", "", Message.of("bench.whichCabinetPicture"));
      }
    } else if (r.picture() == null) {
      throw Refusal.badValue("reference", "", Message.of("bench.chooseReference"));
    }
  }
}
