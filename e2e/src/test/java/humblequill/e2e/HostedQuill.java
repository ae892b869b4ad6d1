package humblequill.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** One of many applications that share a process; it has a clock that can be set. */
final class HostedQuill extends Quill {
  private static final Told HOST = new Told();

  private HostedQuill(int port) {
    super(port);
  }

  static HostedQuill start(Path folder, String... more) {
    var quill = new HostedQuill(freePort());
    var words = new ArrayList<>(List.of("start", quill.name(), NOW, "--port", quill.name()));
    words.addAll(List.of("--data", folder.toString()));
    words.addAll(List.of(more));
    HOST.does(words);
    return quill;
  }

  /** The demo with all its pictures, filled once and copied for each that asks. */
  static HostedQuill demo() {
    return startOnCopy(FilledDemo.FOLDER);
  }

  /** One on a copy of a folder: the process keeps the folder itself to its end. */
  static HostedQuill startOnCopy(Path data) {
    var folder = folder();
    copy(data, folder);
    return start(folder);
  }

  private static final class FilledDemo {
    private static final Path FOLDER = fill();

    private static Path fill() {
      var folder = folder();
      start(folder, "--demo", "--quill.demo.pictures-first=true").close();
      return folder;
    }
  }

  private static void copy(Path from, Path to) {
    try (var files = Files.walk(from)) {
      for (var file : files.skip(1).toList()) {
        Files.copy(file, to.resolve(from.relativize(file)));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Lets its clock go on from another moment. */
  void at(String now) {
    HOST.does(List.of("at", name(), now));
  }

  @Override
  public void close() {
    HOST.does(List.of("stop", name()));
  }

  private String name() {
    return Integer.toString(port());
  }

  /** The process that runs them; it does one thing after another. */
  private static final class Told {
    private final Path log = folder().resolve("host.log");
    private final BufferedReader from;
    private final Writer to;

    private Told() {
      try {
        var process = new ProcessBuilder(command()).redirectError(log.toFile()).start();
        from = process.inputReader();
        to = process.outputWriter(StandardCharsets.UTF_8);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    /** Beside the application's own classes, those of these tests. */
    private static List<String> command() {
      var tests = Host.class.getProtectionDomain().getCodeSource().getLocation().getPath();
      var classes = QuillProcess.app().resolve("quill.jar") + ":" + tests;
      return QuillProcess.java(
          "-Xmx2g",
          // Each application brings compiled code of its own; what the machine says of itself is no
          // answer.
          "-XX:ReservedCodeCacheSize=240m",
          "-XX:+DisplayVMOutputToStderr",
          "-cp",
          classes,
          Host.class.getName());
    }

    private synchronized void does(List<String> words) {
      try {
        to.write(String.join("\t", words) + "\n");
        to.flush();
        var said = from.readLine();
        if (!Host.DONE.equals(said)) {
          throw new IllegalStateException(
              "It did not " + words + " but said " + said + ": " + Files.readString(log));
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
