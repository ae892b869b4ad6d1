package humblequill.server.ground.backup;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.edge.Refusal;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Another folder or drive that gets every copy while it is mounted. Copies lie in a folder of their
 * own in it; where that folder is missing, the drive is not mounted, even if the mount point
 * exists. Its path is kept in a file beside the copies and not in the database, so that it can be
 * read when the database cannot.
 */
final class SecondPlace {
  private static final String INSIDE = "humble-quill-copies-";
  private static final int NAME_LENGTH = 8;

  private final DataFolder folder;

  SecondPlace(DataFolder folder) {
    this.folder = folder;
  }

  private Path file() {
    return folder.copies().resolve("second-place.txt");
  }

  /** The place as the learner named it; empty if none. */
  Optional<Path> named() {
    try {
      var text = Files.readString(file()).strip();
      return text.isEmpty() ? Optional.empty() : Optional.of(Path.of(text));
    } catch (IOException | InvalidPathException e) {
      return Optional.empty();
    }
  }

  private String inside() {
    var path = folder.path().toAbsolutePath().normalize().toString();
    var sum = Contents.sha256().digest(path.getBytes(StandardCharsets.UTF_8));
    return INSIDE + Contents.hex(sum).substring(0, NAME_LENGTH);
  }

  /** Where its copies lie, if it is there now. */
  Optional<Path> copies() {
    return named().map(place -> place.resolve(inside())).filter(Files::isDirectory);
  }

  /**
   * Names a place, or none.
   *
   * @param text a folder that is there; blank for none
   */
  void name(String text) {
    try {
      if (text.isBlank()) {
        Files.deleteIfExists(file());
        return;
      }
      var place = checked(text.strip());
      Files.createDirectories(place.resolve(inside()));
      Files.createDirectories(folder.copies());
      SafeFiles.replace(file(), place.toString().getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw wrong(text, "cannotBeWritten");
    }
  }

  private Path checked(String text) throws IOException {
    Path place;
    try {
      place = Path.of(text);
    } catch (InvalidPathException e) {
      throw wrong(text, "noPath");
    }
    if (!place.isAbsolute()) {
      throw wrong(text, "notWhole");
    }
    try {
      place = place.toRealPath();
    } catch (NoSuchFileException e) {
      throw wrong(text, "notThere");
    }
    if (!Files.isDirectory(place)) {
      throw wrong(text, "noFolder");
    }
    if (place.startsWith(folder.path().toRealPath())) {
      throw wrong(text, "inDataFolder");
    }
    return place;
  }

  private static Refusal wrong(String text, String why) {
    return Refusal.badValue(
        "path", text, Message.of("ground.secondPlace", "path", text, "why", why));
  }

  /**
   * Brings its copies up to date.
   *
   * @param good which copies of the first place may go there
   */
  void bring(List<Copies.Copy> copies, Predicate<Copies.Copy> good) throws IOException {
    var there = copies();
    if (there.isEmpty()) {
      return;
    }
    boolean arrived = false;
    for (var copy : copies) {
      var target = there.get().resolve(copy.file().getFileName());
      if (!Files.exists(target) && good.test(copy)) {
        var unfinished = target.resolveSibling("unfinished.zip");
        Files.deleteIfExists(unfinished);
        Files.copy(copy.file(), unfinished);
        SafeFiles.force(unfinished);
        if (Files.mismatch(copy.file(), unfinished) >= 0) {
          throw new IOException("What arrived is not what was sent");
        }
        SafeFiles.move(unfinished, target);
        arrived = true;
      }
    }
    if (arrived) {
      Copies.dropOld(Copies.in(there.get()), copy -> CopyFile.damage(copy.file()) == null);
    }
  }
}
