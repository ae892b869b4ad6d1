package humblequill.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;

/** A running application, as the launcher built it. */
abstract class Quill implements AutoCloseable {
  /** The moment at which tests start it: a Thursday morning. */
  static final String NOW = "2026-03-05T10:00:00Z";

  private static final Path ROOT = Path.of(System.getProperty("quill.root", ".."));
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  private final int port;

  Quill(int port) {
    this.port = port;
  }

  static Path root() {
    return ROOT;
  }

  /** A folder that goes with the process. */
  static Path folder() {
    try {
      var folder = Files.createTempDirectory("quill-e2e");
      Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(folder)));
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void remove(Path folder) {
    try (var files = Files.walk(folder)) {
      files.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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

  @Override
  public abstract void close();
}
