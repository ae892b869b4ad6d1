package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.ZipException;

/**
 * Puts a copy in the place of what lies in the data folder, once the copy was opened and every row
 * of it read. What was there is set aside whole.
 */
public final class Restore {
  private static final DateTimeFormatter SHOWN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");
  private static final Pattern NUMBER = Pattern.compile("\\d{1,9}");
  private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

  private final DataFolder folder;
  private final PrintStream out;

  private Restore(DataFolder folder, PrintStream out) {
    this.folder = folder;
    this.out = out;
  }

  /** A copy that is not put back, and why. */
  private static final class NotRestored extends Exception {
    private static final long serialVersionUID = 1L;

    NotRestored(String sentence) {
      super(sentence);
    }
  }

  /**
   * Lists the copies, or restores one.
   *
   * @param folder taken by this run, so that nothing else writes to it
   * @param wanted number of the copy, or its day as yyyy-mm-dd for the last of that day; empty to
   *     list
   * @return exit code: 0 when done, 2 when it could not be done
   */
  public static int run(DataFolder folder, String wanted, PrintStream out) {
    var restore = new Restore(folder, out);
    try {
      var copies = restore.all();
      if (wanted.isEmpty()) {
        restore.list(copies);
      } else {
        restore.restore(pick(copies, wanted));
      }
      return 0;
    } catch (NotRestored e) {
      out.println(e.getMessage());
      return 2;
    } catch (IOException | SQLException e) {
      out.println(
          new Swap(folder).isPending()
              ? "The copy is decided on, but the disk failed before all was in its place. The next start, or the same command again, finishes it."
              : "The copy could not be restored, since the disk failed; all is as it was.");
      return 2;
    }
  }

  /** Copies of the folder, and those that only the second place has. */
  private List<Copies.Copy> all() throws IOException {
    var copies = new ArrayList<>(Copies.in(folder.copies()));
    var second = new SecondPlace(folder).copies();
    if (second.isPresent()) {
      var known = copies.stream().map(c -> c.file().getFileName()).toList();
      Copies.in(second.get()).stream()
          .filter(c -> !known.contains(c.file().getFileName()))
          .forEach(copies::add);
      copies.sort(java.util.Comparator.comparingLong(Copies.Copy::number));
    }
    return copies;
  }

  private void list(List<Copies.Copy> copies) throws IOException {
    if (copies.isEmpty()) {
      out.println("There are no copies in " + folder.copies() + " yet.");
      return;
    }
    out.println("Copies in " + folder.copies() + ":");
    for (var copy : copies) {
      out.println("  " + line(copy));
    }
    out.println("Put one back with: ./quill restore NUMBER (or the day, for the last of that day)");
  }

  private String line(Copies.Copy copy) throws IOException {
    var damage = CopyFile.damage(copy.file());
    var entries =
        damage == null
            ? CopyFile.manifest(copy.file())
                .map(m -> Contents.inWords(m.contents().entries()) + ", ")
            : Optional.<String>empty();
    return String.format(
        "%10s  %s  %s%d kB%s%s",
        copy.called(),
        copy.at().format(SHOWN),
        entries.orElse(""),
        copy.bytes() / 1024,
        copy.file().startsWith(folder.copies()) ? "" : ", in the second place",
        damage == null ? "" : ", damaged: " + Words.say(damage));
  }

  private static Copies.Copy pick(List<Copies.Copy> copies, String wanted) throws NotRestored {
    if (!NUMBER.matcher(wanted).matches() && !DAY.matcher(wanted).matches()) {
      throw new NotRestored(
          "\"" + wanted + "\" is neither the number of a copy nor a day such as 2026-03-05.");
    }
    return copies.stream()
        .filter(
            c ->
                c.called().equals(wanted.replaceFirst("^0+(?=\\d)", ""))
                    || c.at().toLocalDate().toString().equals(wanted))
        .reduce((a, b) -> b)
        .orElseThrow(
            () ->
                new NotRestored(
                    "There is no copy "
                        + wanted
                        + ". "
                        + (copies.isEmpty()
                            ? "There are none yet."
                            : "There are: "
                                + String.join(
                                    ", ",
                                    copies.stream()
                                        .map(c -> c.called() + " of " + c.at().toLocalDate())
                                        .toList())
                                + ".")));
  }

  private void restore(Copies.Copy copy) throws IOException, SQLException, NotRestored {
    var swap = new Swap(folder);
    swap.finish();
    Contents contents;
    try {
      contents = makeReady(copy, swap.ready());
    } catch (IOException | SQLException | NotRestored | RuntimeException e) {
      SafeFiles.remove(swap.ready());
      throw e;
    }
    var aside = swap.swap(LocalDateTime.now().format(STAMP));
    out.println("What lay in the data folder is kept whole in " + aside + ".");
    out.println(
        "Put back the copy of "
            + copy.at().format(SHOWN)
            + " with "
            + Contents.inWords(contents.entries())
            + "; every row of it was read.");
  }

  /** Takes the copy apart and opens it: its database where it is whole, else its script. */
  private Contents makeReady(Copies.Copy copy, Path ready)
      throws IOException, SQLException, NotRestored {
    Files.createDirectories(ready);
    var manifest = manifest(copy);
    var held = unpacked(copy, ready);
    var told = manifest.map(CopyFile.Manifest::contents);
    var contents = opened(ready, told).or(() -> byScript(ready, told));
    var missing = new TreeSet<>(manifest.map(m -> m.files().keySet()).orElse(Set.of()));
    missing.removeAll(held);
    missing.removeAll(Set.of(CopyFile.DATABASE, CopyFile.SCRIPT));
    if (contents.isEmpty() || !missing.isEmpty()) {
      throw damaged(copy);
    }
    Files.deleteIfExists(ready.resolve(CopyFile.SCRIPT));
    if (manifest.isEmpty()) {
      keepOwnFiles(ready);
    }
    for (var file : filesIn(ready)) {
      SafeFiles.force(file);
    }
    return contents.get();
  }

  private static NotRestored damaged(Copies.Copy copy) {
    var damage = CopyFile.damage(copy.file());
    return new NotRestored(
        "Copy "
            + copy.called()
            + " is damaged"
            + (damage == null ? "" : ": " + Words.say(damage))
            + ". Nothing was changed; choose another (./quill restore lists them).");
  }

  private static Set<String> unpacked(Copies.Copy copy, Path ready)
      throws IOException, NotRestored {
    try {
      return CopyFile.unpack(copy.file(), ready);
    } catch (ZipException | IllegalArgumentException e) {
      throw damaged(copy);
    }
  }

  private static Optional<CopyFile.Manifest> manifest(Copies.Copy copy) throws NotRestored {
    try {
      return CopyFile.manifest(copy.file());
    } catch (IOException e) {
      throw damaged(copy);
    }
  }

  private static Optional<Contents> opened(Path ready, Optional<Contents> told) {
    if (!Files.exists(ready.resolve(CopyFile.DATABASE))) {
      return Optional.empty();
    }
    try {
      var found = Database.read(ready.resolve("quill"));
      return Optional.of(found).filter(f -> told.isEmpty() || f.equals(told.get()));
    } catch (SQLException e) {
      return Optional.empty();
    }
  }

  private static Optional<Contents> byScript(Path ready, Optional<Contents> told) {
    var script = ready.resolve(CopyFile.SCRIPT);
    if (!Files.exists(script)) {
      return Optional.empty();
    }
    try {
      Files.deleteIfExists(ready.resolve(CopyFile.DATABASE));
      Database.ofScript(script, ready.resolve("quill"));
      return opened(ready, told);
    } catch (SQLException | IOException e) {
      return Optional.empty();
    }
  }

  /** Copies from before held the database alone. */
  private void keepOwnFiles(Path ready) throws IOException {
    Files.createDirectories(ready.resolve("courses"));
    for (var own : folder.ownFiles()) {
      Files.copy(own, ready.resolve(folder.nameOf(own)));
    }
  }

  private static List<Path> filesIn(Path folder) throws IOException {
    try (var all = Files.walk(folder)) {
      return all.filter(Files::isRegularFile).toList();
    }
  }
}
