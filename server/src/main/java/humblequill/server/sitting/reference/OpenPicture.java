package humblequill.server.sitting.reference;

import humblequill.server.book.picture.PictureReader;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.Channels;
import java.nio.channels.SeekableByteChannel;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Set;
import org.springframework.http.MediaType;

/**
 * A picture opened for reading. It is looked at through the same opening that is read from, so that
 * a file put in its place meanwhile, above all a link to one elsewhere, is never handed out.
 *
 * @param in its bytes from the first on
 * @param bytes how many
 */
record OpenPicture(InputStream in, MediaType type, long bytes) {
  /**
   * Opens a picture without following links.
   *
   * @param folder in which it must lie, by its real path
   * @throws IOException if it is not the file that was looked at
   */
  static OpenPicture open(Path file, Path folder, PictureEntity looked) throws IOException {
    if (!file.toRealPath().equals(file) || !file.startsWith(folder)) {
      throw new IOException("lies elsewhere");
    }
    var channel =
        Files.newByteChannel(file, Set.of(StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS));
    try {
      var attributes =
          Files.readAttributes(file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
      if (!attributes.isRegularFile()
          || channel.size() != looked.bytes
          || attributes.lastModifiedTime().toMillis() != looked.changedAt) {
        throw new IOException("is not what was looked at");
      }
      var header = PictureReader.header(new Unclosed(channel));
      if (header.size().width != looked.width || header.size().height != looked.height) {
        throw new IOException("is not what was looked at");
      }
      channel.position(0);
      return new OpenPicture(
          Channels.newInputStream(channel), MediaType.parseMediaType(header.type()), looked.bytes);
    } catch (IOException | RuntimeException e) {
      channel.close();
      throw e;
    }
  }

  /** Looking at the header must not close what is read afterwards. */
  private static final class Unclosed extends FilterInputStream {
    private Unclosed(SeekableByteChannel channel) {
      super(Channels.newInputStream(channel));
    }

    @Override
    public void close() {
      // Read on from the start.
    }
  }
}
