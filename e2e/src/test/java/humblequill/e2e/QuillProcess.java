package humblequill.e2e;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The application as a process of its own, which can be killed. */
final class QuillProcess extends Quill {
  private static final Path TEMPORARY = folder();

  private final Process process;

  private QuillProcess(Process process, int port) {
    super(port);
    this.process = process;
  }

  /** What a finished process said. */
  record Said(int exit, String text) {}

  /** Java as the launcher starts it. */
  static List<String> java(String memory, String... more) {
    var command =
        new ArrayList<>(
            List.of(
                "java",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                memory,
                "-Duser.timezone=UTC",
                // What is killed cannot remove what it left.
                "-Djava.io.tmpdir=" + TEMPORARY,
                "-XX:SharedArchiveFile=" + app().resolve("app.jsa"),
                "-Xlog:disable"));
    command.addAll(List.of(more));
    return command;
  }

  /** Where the launcher puts what it built. */
  static Path app() {
    try {
      return root().resolve(".quill/app").toRealPath();
    } catch (IOException e) {
      throw new UncheckedIOException("Nothing was built.", e);
    }
  }

  /** The command that runs it on a folder. */
  static List<String> command(Path folder, String... more) {
    var jar = app().resolve("quill.jar").toString();
    var command = java("-Xmx512m", "-jar", jar, "--data", folder.toString());
    command.addAll(List.of(more));
    return command;
  }

  static QuillProcess start(Path folder, String... more) {
    int port = freePort();
    var all = new ArrayList<>(List.of(more));
    all.addAll(List.of("--port", Integer.toString(port), "--quill.now=" + NOW));
    try {
      var process =
          new ProcessBuilder(command(folder, all.toArray(String[]::new)))
              .redirectErrorStream(true)
              .start();
      awaitOpen(process);
      return new QuillProcess(process, port);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Reads what it says until it says that it is open; polling would take a core from it. */
  private static void awaitOpen(Process process) throws IOException {
    var said = new StringBuilder();
    var out = process.inputReader();
    for (var line = out.readLine(); line != null; line = out.readLine()) {
      said.append(line).append('\n');
      if (line.startsWith("Humble Quill is open")) {
        var drain = new Thread(() -> drain(out));
        drain.setDaemon(true);
        drain.start();
        return;
      }
    }
    throw new IllegalStateException("It did not start: " + said);
  }

  /** A full pipe would hold the application up. */
  private static void drain(Reader out) {
    try {
      out.transferTo(Writer.nullWriter());
    } catch (IOException e) {
      // It was stopped, as intended.
    }
  }

  /** Runs to the end, for starts that must fail and for restoring. */
  static Said say(Path folder, String... more) throws IOException, InterruptedException {
    var process = new ProcessBuilder(command(folder, more)).redirectErrorStream(true).start();
    var text = new String(process.getInputStream().readAllBytes());
    return new Said(process.waitFor(), text);
  }

  /** Lets the running application collect its garbage, and with it what it should have kept. */
  void collectGarbage() throws IOException, InterruptedException {
    new ProcessBuilder("jcmd", Long.toString(process.pid()), "GC.run")
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start()
        .waitFor();
  }

  /** SIGKILL: no shutdown hook runs. */
  void kill() {
    process.destroyForcibly();
    awaitEnd();
  }

  @Override
  public void close() {
    process.destroy();
    awaitEnd();
  }

  private void awaitEnd() {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
