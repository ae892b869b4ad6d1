package humblequill.server.book.picture;

import humblequill.core.book.picture.Straight;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;

/**
 * A picture's file and how it is seen.
 *
 * @param turn 1 to 8 as in EXIF
 * @param size upright, in dots
 * @param straight the sheet in it that is seen straight; empty for the whole picture
 */
record Seen(UUID id, Path file, int turn, Straight.Size size, Optional<Straight> straight) {
  Seen asTaken() {
    return new Seen(id, file, turn, size, Optional.empty());
  }

  /** Tells ways of seeing one file apart, in a few letters. */
  String way() {
    return way(turn, straight);
  }

  static String way(int turn, Optional<Straight> straight) {
    return turn + straight.map(s -> "-" + Integer.toHexString(s.hashCode())).orElse("");
  }

  /**
   * The picture with its longer edge of so many dots at most. Only as many dots are read as that
   * needs.
   */
  BufferedImage at(int longest) throws IOException {
    if (straight.isEmpty()) {
      return Scaling.upright(file, longest, turn);
    }
    var sheet = straight.get();
    double side = sheet.corners().longestSide(size.width(), size.height());
    double whole = Math.max(size.width(), size.height());
    int read = (int) Math.ceil(Math.min(1, longest / side) * whole);
    return Straightened.of(Scaling.upright(file, read, turn), sheet, longest);
  }
}
