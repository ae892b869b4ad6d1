package humblequill.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.Api;
import humblequill.server.RunningQuill;
import humblequill.server.ground.backup.Watched;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Requests made up from the API's document and spoiled: none may end as a fault of the program,
 * show its inside, or change anything once it is refused. {@code -Dquill.fuzz.requests} and {@code
 * -Dquill.fuzz.seed} set how many and which.
 */
class FuzzTest {
  private static final int REQUESTS = Integer.getInteger("quill.fuzz.requests", 150);
  private static final long SEED = Long.getLong("quill.fuzz.seed", 20260305L);
  private static final Pattern INSIDE =
      Pattern.compile("Exception|\\tat |org\\.(h2|spring|hibernate|apache)|jackson|humblequill\\.");
  private static final Pattern ID =
      Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

  @TempDir private Path folder;

  private record Answer(int status, String head, String body) {
    private String shown() {
      return status + " " + body;
    }
  }

  @Test
  void no_request_breaks_it_shows_its_inside_or_changes_anything_once_refused() throws IOException {
    var wrong = new ArrayList<String>();
    var codes = new TreeMap<Integer, Integer>();
    try (var quill = RunningQuill.start(folder, "--quill.demo=true", "--quill.demo.pictures=0")) {
      int port = quill.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
      var requests = new Requests(SEED);
      requests.know(ids(new Api(port)));
      // The calendar's secret is made when it is first asked for.
      new Api(port).get("/api/feed");
      var data = new Watched(quill.getBean(DataSource.class));
      for (int i = 0; i < REQUESTS && wrong.size() < 10; i++) {
        var request = requests.next();
        var answer = send(port, request);
        codes.merge(answer.status(), 1, Integer::sum);
        var fault = fault(request, answer);
        if (fault != null) {
          wrong.add("#" + i + " " + fault + ": " + request.shown() + "\n=> " + answer.shown());
        }
        boolean reads = List.of("GET", "HEAD", "OPTIONS").contains(request.method());
        if (!reads && data.hasChanged() && answer.status() >= 400) {
          wrong.add(
              "#" + i + " refused and changed: " + request.shown() + "\n=> " + answer.shown());
        }
      }
    }
    System.out.println("Answers to " + REQUESTS + " requests with seed " + SEED + ": " + codes);
    assertThat(wrong).isEmpty();
    assertThat(codes.keySet()).contains(200, 400, 404);
  }

  private static List<String> ids(Api api) {
    var found = new ArrayList<String>();
    for (var path : List.of("/api/entries?most=20", "/api/quotas", "/api/course", "/api/names")) {
      var ids = ID.matcher(api.get(path).body());
      for (int i = 0; i < 12 && ids.find(); i++) {
        found.add(ids.group());
      }
    }
    found.add("figure-from-the-ground-up");
    return found;
  }

  private static String fault(Requests.Request request, Answer answer) {
    if (answer.status() == 0 || answer.status() >= 500) {
      return "broke";
    }
    if (answer.status() >= 400 && INSIDE.matcher(answer.body()).find()) {
      return "shows its inside";
    }
    boolean document = answer.head().contains("application/problem+json");
    if (answer.status() >= 400
        && !request.method().equals("HEAD")
        && (!document || !answer.body().contains("\"detail\""))) {
      return "is no problem document";
    }
    return null;
  }

  private static Answer send(int port, Requests.Request request) throws IOException {
    try (var socket = new Socket("127.0.0.1", port)) {
      var head = new StringBuilder();
      head.append(request.method()).append(' ').append(request.target()).append(" HTTP/1.1\r\n");
      head.append("Host: 127.0.0.1:").append(port).append("\r\nConnection: close\r\n");
      head.append("Content-Length: ").append(request.body().length).append("\r\n");
      for (Map.Entry<String, String> header : request.headers().entrySet()) {
        head.append(header.getKey()).append(": ").append(header.getValue()).append("\r\n");
      }
      var out = new ByteArrayOutputStream();
      out.write(head.append("\r\n").toString().getBytes(StandardCharsets.ISO_8859_1));
      out.write(request.body());
      socket.getOutputStream().write(out.toByteArray());
      var all = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      int end = all.indexOf("\r\n\r\n");
      if (end < 0) {
        return new Answer(0, all, "");
      }
      return new Answer(
          Integer.parseInt(all.substring(9, 12)), all.substring(0, end), all.substring(end + 4));
    }
  }
}
