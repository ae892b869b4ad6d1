package humblequill.server.book.picture;

import humblequill.core.book.Format;
import humblequill.core.book.picture.Corners;
import humblequill.core.book.picture.EvenLight;
import humblequill.core.book.picture.Gutter;
import humblequill.core.book.picture.PaperEdges;
import humblequill.core.book.picture.Spot;
import humblequill.core.book.picture.Straight;
import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Where the paper lies in a picture, and how it looks when seen straight. */
@Service
public class Straightening {
  private static final int PREVIEW = 1000;

  /** The light is told from a small sheet; finer dots tell no more of it. */
  private static final int LIGHT_TOLD_FROM = 480;

  private static final int CORNERS = 4;

  private final PagePictures pictures;

  Straightening(PagePictures pictures) {
    this.pictures = pictures;
  }

  /**
   * What is known of the paper in a picture.
   *
   * @param width of the picture upright, in dots
   * @param height of the picture upright, in dots
   * @param corners as kept, else as found, else those of the picture; clockwise from the upper left
   * @param kept whether the corners were kept before
   * @param sure what share of the weakest edge is seen, .6 to 1; null where no paper was found
   * @param gutter where two pages would meet
   */
  public record PaperInPicture(
      int width,
      int height,
      List<Spot> corners,
      boolean kept,
      boolean evenLight,
      @Nullable Double sure,
      Gutter gutter) {}

  /**
   * The paper in a picture.
   *
   * @param anew whether to look for it although corners were kept
   */
  public PaperInPicture paper(UUID id, boolean anew) {
    var seen = pictures.seen(id);
    var kept = anew ? Optional.<Straight>empty() : seen.straight();
    var found =
        kept.isPresent()
            ? Optional.<PaperEdges.Proposed>empty()
            : PaperEdges.in(Scaling.grey(small(id, PaperEdges.LOOKED_AT)));
    var corners =
        kept.map(Straight::corners)
            .or(() -> found.map(PaperEdges.Proposed::corners))
            .orElse(Corners.WHOLE);
    return new PaperInPicture(
        seen.size().width(),
        seen.size().height(),
        corners.clockwise(),
        kept.isPresent(),
        kept.flatMap(Straight::light).isPresent(),
        found.map(PaperEdges.Proposed::sure).orElse(null),
        gutter(id, corners.clockwise()));
  }

  /** Where two pages most likely meet that lie between the corners. */
  public Gutter gutter(UUID id, List<Spot> corners) {
    var size = pictures.seen(id).size();
    var dots = Gutter.guessed(checked(corners).scaled(size.width(), size.height()));
    return new Gutter(share(dots.upper(), size), share(dots.lower(), size));
  }

  private static Spot share(Spot dot, Straight.Size size) {
    return new Spot(dot.x() / size.width(), dot.y() / size.height());
  }

  /**
   * A sheet of a picture.
   *
   * @param corners clockwise from the upper left
   * @param even whether the light is to be evened out; it is left where too little paper is bare
   * @param format of the page, where it is known
   */
  public Straight of(UUID id, List<Spot> corners, boolean even, Optional<Format> format) {
    var sheet = checked(corners);
    var size = pictures.seen(id).size();
    var plain =
        new Straight(
            sheet, Straight.ratio(sheet, size.width(), size.height(), format), Optional.empty());
    return even
        ? new Straight(
            sheet,
            plain.ratio(),
            EvenLight.on(Scaling.grey(Straightened.of(small(id, PREVIEW), plain, LIGHT_TOLD_FROM))))
        : plain;
  }

  private static Corners checked(List<Spot> corners) {
    if (corners.size() != CORNERS) {
      throw Refusal.badValue("corners", corners.size(), Message.of("book.fourCorners"));
    }
    var sheet = Corners.of(corners);
    sheet
        .slip()
        .ifPresent(
            slip -> {
              throw Refusal.badValue(
                  "corners",
                  slip.name(),
                  switch (slip) {
                    case OUTSIDE -> Message.of("book.cornerOutside");
                    case NO_SHEET -> Message.of("book.cornersOfNoSheet");
                    case TOO_SMALL -> Message.of("book.sheetTooSmall");
                    case MIRRORED -> Message.of("book.cornersMirrored");
                  });
            });
    return sheet;
  }

  /** How it would look, as JPEG. */
  public byte[] preview(UUID id, Straight straight) {
    try {
      return Scaling.jpeg(Straightened.of(small(id, PREVIEW), straight, PREVIEW));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private BufferedImage small(UUID id, int longest) {
    try {
      var image = ImageIO.read(new ByteArrayInputStream(pictures.taken(id)));
      return Scaling.scaled(image, longest);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
