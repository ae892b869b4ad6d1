package humblequill.server.book.picture;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** A folder that the learner names. */
public final class FolderPath {
  private FolderPath() {}

  /**
   * The folder under that name, links followed.
   *
   * @throws Refusal that names the field {@code path} if it is none or may not be read
   */
  public static Path checked(String text) {
    try {
      var path = Path.of(text).toAbsolutePath().normalize();
      if (!Files.isDirectory(path)) {
        throw Refusal.badValue("path", text, Message.of("book.noFolder", "path", text));
      }
      if (!Files.isReadable(path)) {
        throw Refusal.badValue("path", text, Message.of("book.folderClosed", "path", text));
      }
      return path.toRealPath();
    } catch (IOException e) {
      throw Refusal.badValue("path", text, Message.of("book.folderClosed", "path", text));
    } catch (InvalidPathException e) {
      throw Refusal.badValue("path", text, Message.of("book.noNameOfFolder", "path", text));
    }
  }
}
