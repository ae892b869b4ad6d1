package humblequill.e2e;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The application as the launcher built it, run as a process of its own on a data folder. */
final class Quill implements AutoCloseable {
  /** The moment at which tests start it: a Thursday morning. */
  static final String NOW = "2026-03-05T10:00:00Z";

  private static final Path ROOT = Path.of(System.getProperty("quill.root", ".."));
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  private final Process process;
  private final int port;

  private Quill(Process process, int port) {
    this.process = process;
    this.port = port;
  }

  static Path root() {
    return ROOT;
  }

  /** What a finished process said. */
  record Said(int exit, String text) {}

  static Path folder() {
    try {
      return Files.createTempDirectory("quill-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The command that runs it on a folder. */
  static List<String> command(Path folder, String... more) {
    var app = ROOT.resolve(".quill/app");
    var command =
        new ArrayList<>(
            List.of(
                "java",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xmx512m",
                "-Duser.timezone=UTC",
                "-XX:SharedArchiveFile=" + app.resolve("app.jsa"),
                "-Xlog:disable",
                "-jar",
                app.resolve("quill.jar").toString(),
                "--data",
                folder.toString()));
    command.addAll(List.of(more));
    return command;
  }

  static Quill start(Path folder, String... more) {
    return startAt(NOW, folder, more);
  }

  /** The demo with all its pictures, filled once and copied for each that asks. */
  static Quill demo() {
    var folder = folder();
    copy(FilledDemo.FOLDER, folder);
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

  /** Starts it as if it were that moment. */
  static Quill startAt(String now, Path folder, String... more) {
    int port = freePort();
    var all = new ArrayList<>(List.of(more));
    all.addAll(List.of("--port", Integer.toString(port), "--quill.now=" + now));
    try {
      var process =
          new ProcessBuilder(command(folder, all.toArray(String[]::new)))
              .redirectErrorStream(true)
              .start();
      awaitOpen(process);
      return new Quill(process, port);
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

  static int freePort() {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Answers the first start: seventy minutes on every day, dates as in Britain. */
  void seventyMinutesADay() {
    var settings =
        get("/api/settings")
            .body()
            .replaceAll("\"minutes\":\\d+", "\"minutes\":70")
            .replace("\"locale\":\"en\"", "\"locale\":\"en-GB\"");
    if (json("PUT", "/api/settings", settings).statusCode() != 200) {
      throw new IllegalStateException("The settings were not taken: " + settings);
    }
  }

  String url() {
    return "http://127.0.0.1:" + port;
  }

  int port() {
    return port;
  }

  HttpResponse<String> get(String path) {
    return send(HttpRequest.newBuilder(URI.create(url() + path)).GET().build());
  }

  HttpResponse<String> json(String method, String path, String body) {
    return send(method, path, "application/json", body);
  }

  HttpResponse<String> send(String method, String path, String type, String body) {
    return send(
        HttpRequest.newBuilder(URI.create(url() + path))
            .method(method, HttpRequest.BodyPublishers.ofString(body))
            .header("Content-Type", type)
            .build());
  }

  private static HttpResponse<String> send(HttpRequest request) {
    try {
      return CLIENT.send(request, HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
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
