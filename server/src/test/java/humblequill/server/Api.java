package humblequill.server;

import humblequill.server.ground.message.StoredMessage;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the running application over real HTTP. */
public record Api(int port) {
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** An answer with its body read as JSON where it is JSON. */
  public record Answer(int status, String body, HttpResponse<String> raw) {
    public JsonNode json() {
      return JSON.readTree(body);
    }
  }

  /** A message of an answer in words. */
  public static String said(JsonNode message) {
    return Words.say(StoredMessage.read(message.toString()));
  }

  public Answer get(String path) {
    return send("GET", path, null, Map.of());
  }

  public Answer post(String path, Object body) {
    return send("POST", path, body, Map.of());
  }

  public Answer put(String path, Object body) {
    return send("PUT", path, body, Map.of());
  }

  public Answer delete(String path) {
    return send("DELETE", path, null, Map.of());
  }

  /** Sends bytes as they are. */
  public Answer putBytes(String path, byte[] bytes) {
    return answer(
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .header("Content-Type", "application/octet-stream")
            .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes)));
  }

  /** The bytes of an answer. */
  public byte[] bytes(String path) {
    try {
      var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build();
      return CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** Sends a request; text is sent as it is, all else as JSON. */
  public Answer send(String method, String path, Object body, Map<String, String> headers) {
    var text =
        body == null || body instanceof String ? (String) body : JSON.writeValueAsString(body);
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .method(
                method,
                text == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(text));
    if (body != null && !headers.containsKey("Content-Type")) {
      request.header("Content-Type", "application/json");
    }
    headers.forEach(request::header);
    return answer(request);
  }

  private static Answer answer(HttpRequest.Builder request) {
    try {
      var answer = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(answer.statusCode(), answer.body(), answer);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
