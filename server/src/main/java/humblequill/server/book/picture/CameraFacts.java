package humblequill.server.book.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;

/**
 * What the camera wrote into a picture. Place and device are not even looked at.
 *
 * @param turn how it has to be turned to be seen upright, 1 to 8 as in EXIF
 * @param taken by the camera's clock, whatever its zone; empty when not told
 */
record CameraFacts(int turn, Optional<LocalDateTime> taken) {
  private static final DateTimeFormatter WRITTEN =
      DateTimeFormatter.ofPattern("uuuu:MM:dd HH:mm:ss");
  private static final int UPRIGHT = 1;
  private static final int LAST_TURN = 8;

  /** A file that says nothing, or nothing that can be read, is upright and of no time. */
  static CameraFacts of(Path file) throws IOException {
    try {
      var told = ImageMetadataReader.readMetadata(file.toFile());
      return new CameraFacts(turn(told), taken(told));
    } catch (ImageProcessingException | RuntimeException e) {
      return new CameraFacts(UPRIGHT, Optional.empty());
    }
  }

  private static int turn(Metadata told) {
    var directory = told.getFirstDirectoryOfType(ExifIFD0Directory.class);
    if (directory == null || !directory.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
      return UPRIGHT;
    }
    try {
      int turn = directory.getInt(ExifIFD0Directory.TAG_ORIENTATION);
      return turn >= UPRIGHT && turn <= LAST_TURN ? turn : UPRIGHT;
    } catch (MetadataException e) {
      return UPRIGHT;
    }
  }

  private static Optional<LocalDateTime> taken(Metadata told) {
    var original = told.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
    var text =
        original == null ? null : original.getString(ExifSubIFDDirectory.TAG_DATETIME_ORIGINAL);
    if (text == null) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalDateTime.parse(text.strip(), WRITTEN));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }
}
