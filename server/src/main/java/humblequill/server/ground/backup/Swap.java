package humblequill.server.ground.backup;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Puts a folder that was made ready in the place of what lies in the data folder, and sets that
 * aside whole. One rename decides: the one by which the journal appears. Before it nothing has
 * changed; after it every start first finishes what the journal says, however often it is broken
 * off. See docs/decisions/restoring.md.
 */
final class Swap {
  /** The folder that was made ready. */
  static final String READY = "restoring";

  private static final String JOURNAL = "restore.journal";
  private static final String ASIDE = "before-restore-";
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final DataFolder folder;
  private final Steps steps;

  Swap(DataFolder folder) {
    this(folder, new Steps());
  }

  Swap(DataFolder folder, Steps steps) {
    this.folder = folder;
    this.steps = steps;
  }

  /** What it does to the disk; each may fail, and each may be the last. */
  static class Steps {
    void write(Path file, byte[] content) throws IOException {
      SafeFiles.replace(file, content);
    }

    void move(Path from, Path to) throws IOException {
      SafeFiles.move(from, to);
    }

    void makeFolder(Path path) throws IOException {
      Files.createDirectories(path);
    }

    void remove(Path path) throws IOException {
      SafeFiles.remove(path);
    }
  }

  /**
   * What was decided.
   *
   * @param aside the folder that takes what was there
   * @param out names that go there
   * @param in names that come in their place
   */
  record Journal(String aside, List<String> out, List<String> in) {}

  Path ready() {
    return folder.path().resolve(READY);
  }

  private Path journal() {
    return folder.path().resolve(JOURNAL);
  }

  /** Whether a swap was decided and not finished. */
  boolean isPending() {
    return Files.exists(journal());
  }

  /** Whether something was set aside here before. */
  boolean setAsideBefore() throws IOException {
    return names(folder.path()).stream().anyMatch(name -> name.startsWith(ASIDE));
  }

  /**
   * Decides and swaps.
   *
   * @param stamp makes the name of what is set aside
   * @return that name
   */
  String swap(String stamp) throws IOException {
    var out = names(folder.path());
    out.removeIf(this::stays);
    var journal = new Journal(ASIDE + stamp, List.copyOf(out), List.copyOf(names(ready())));
    steps.write(journal(), JSON.writeValueAsString(journal).getBytes(StandardCharsets.UTF_8));
    finish();
    return journal.aside();
  }

  /** Finishes what was decided, or clears away what was made ready and never decided. */
  void finish() throws IOException {
    if (!isPending()) {
      steps.remove(ready());
      return;
    }
    var journal = read();
    var aside = folder.path().resolve(journal.aside());
    steps.makeFolder(aside);
    for (var name : journal.out()) {
      var live = folder.path().resolve(name);
      if (Files.exists(live) && !Files.exists(aside.resolve(name))) {
        steps.move(live, aside.resolve(name));
      }
    }
    for (var name : journal.in()) {
      if (Files.exists(ready().resolve(name))) {
        steps.move(ready().resolve(name), folder.path().resolve(name));
      }
    }
    steps.remove(journal());
    steps.remove(ready());
  }

  private Journal read() throws IOException {
    try {
      return JSON.readValue(Files.readString(journal(), StandardCharsets.UTF_8), Journal.class);
    } catch (JacksonException e) {
      throw new IOException(JOURNAL + " cannot be read", e);
    }
  }

  private boolean stays(String name) {
    return Set.of(
                READY,
                JOURNAL,
                "copies",
                // Pictures are never altered, so that those of any copy are among them.
                "pictures",
                "derived",
                "in-use.lock",
                "spare-room",
                folder.about().getFileName().toString())
            .contains(name)
        || name.startsWith(ASIDE)
        || name.endsWith(".unfinished");
  }

  private static TreeSet<String> names(Path folder) throws IOException {
    try (var inside = Files.list(folder)) {
      var names = new TreeSet<String>();
      inside.forEach(f -> names.add(f.getFileName().toString()));
      return names;
    }
  }
}
