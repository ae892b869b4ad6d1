package humblequill.e2e;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;

/**
 * The application as a process that may be killed or traced, and writers that remember what was
 * acknowledged.
 */
final class FaultyRun implements AutoCloseable {
  private static final HttpClient CLIENT =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

  /** Kinds of writes. */
  enum Kind {
    ENTRY,
    CHANGED_ENTRY,
    REMOVED_ENTRY,
    QUOTA,
    NAME,
    COURSE_FILE,
    CSV,
    PLATE,
    PICTURE
  }

  /** An answer; status 0 for none. */
  record Answer(int status, String body) {}

  /** What was acknowledged, by kind: addresses that must answer, and those that must not. */
  static final class Acknowledged {
    final Map<Kind, Set<String>> there = new TreeMap<>();
    final Map<Kind, AtomicInteger> refused = new TreeMap<>();

    Acknowledged() {
      for (var kind : Kind.values()) {
        there.put(kind, ConcurrentHashMap.newKeySet());
        refused.put(kind, new AtomicInteger());
      }
    }
  }

  private final Process process;
  private final int port;

  private FaultyRun(Process process, int port) {
    this.process = process;
    this.port = port;
  }

  /**
   * Starts it.
   *
   * @param before words that go before the command, such as those of a tracer
   * @return null if it ended before it was open
   */
  static FaultyRun start(Path folder, List<String> before)
      throws IOException, InterruptedException {
    int port = Quill.freePort();
    var command = new ArrayList<>(before);
    command.addAll(QuillProcess.command(folder, "--port", Integer.toString(port)));
    var process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(
                ProcessBuilder.Redirect.appendTo(folder.resolveSibling("faults.log").toFile()))
            .start();
    var run = new FaultyRun(process, port);
    for (int i = 0; i < 1200; i++) {
      if (run.send("GET", "/api/turn", null, "").status() == 200) {
        return run;
      }
      if (!process.isAlive()) {
        return null;
      }
      Thread.sleep(50);
    }
    run.kill();
    return null;
  }

  Answer send(String method, String path, String type, String body) {
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .timeout(Duration.ofMinutes(10))
            .method(method, HttpRequest.BodyPublishers.ofString(body));
    if (type != null) {
      request.header("Content-Type", type);
    }
    try {
      var answer = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(answer.statusCode(), answer.body());
    } catch (IOException e) {
      return new Answer(0, e.toString());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return new Answer(0, "");
    }
  }

  /** Sends a picture. */
  int sendBytes(String path, byte[] bytes) throws IOException {
    try {
      return CLIENT
          .send(
              HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                  .header("Content-Type", "application/octet-stream")
                  .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes))
                  .build(),
              HttpResponse.BodyHandlers.ofString())
          .statusCode();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return 0;
    }
  }

  private Answer json(String method, String path, String body) {
    return send(method, path, "application/json", body);
  }

  private static String fields(String note) {
    return "{\"day\":\"2026-03-05\",\"drawings\":1,\"topic\":\"boats\",\"wentWrong\":\"\",\"nextTime\":\"\",\"note\":\""
        + note
        + "\"}";
  }

  private Answer entry(UUID id) {
    return json("POST", "/api/entries", "{\"id\":\"" + id + "\",\"fields\":" + fields("new") + "}");
  }

  /** Writes one of a kind. */
  void write(Kind kind, Acknowledged known) {
    var id = UUID.randomUUID();
    boolean kept =
        switch (kind) {
          case ENTRY ->
              entry(id).status() == 201 && known.there.get(kind).add("/api/entries/" + id);
          case CHANGED_ENTRY ->
              entry(id).status() == 201
                  && json(
                              "PUT",
                              "/api/entries/" + id,
                              "{\"version\":0,\"fields\":" + fields("changed " + id) + "}")
                          .status()
                      == 200
                  && known.there.get(kind).add("/api/entries/" + id + " changed " + id);
          case REMOVED_ENTRY ->
              entry(id).status() == 201
                  && send("DELETE", "/api/entries/" + id + "?version=0", null, "").status() == 204
                  && known.there.get(kind).add("!/api/entries/" + id);
          case QUOTA ->
              json(
                              "POST",
                              "/api/quotas",
                              "{\"id\":\""
                                  + id
                                  + "\",\"terms\":{\"title\":\"Posts\",\"kind\":\"OWN_TIME\",\"count\":90,\"start\":\"2026-03-05\",\"unit\":\"DRAWINGS\",\"topic\":\"boats\",\"rest\":[],\"policy\":\"SPREAD\",\"rules\":[],\"secondsEach\":300,\"beside\":false}}")
                          .status()
                      == 201
                  && known.there.get(kind).add("/api/quotas/" + id);
          case NAME ->
              json(
                              "POST",
                              "/api/names",
                              "{\"id\":\""
                                  + id
                                  + "\",\"kind\":\"MEDIUM\",\"text\":\"ink "
                                  + id
                                  + "\",\"spellings\":[],\"properties\":[]}")
                          .status()
                      == 201
                  && known.there.get(kind).add("/api/names ink " + id);
          case COURSE_FILE -> {
            var name = "c" + id.toString().substring(0, 8);
            yield json(
                            "PUT",
                            "/api/courses/" + name,
                            "{\"format\":2,\"id\":\""
                                + name
                                + "\",\"title\":\"Quay\",\"weeks\":[{\"title\":\"Posts\",\"exercises\":[{\"id\":\"p\",\"title\":\"Posts\",\"kind\":\"study\",\"minutes\":20}]}]}")
                        .status()
                    == 204
                && known.there.get(kind).add("/api/courses/" + name);
          }
          case CSV ->
              send(
                              "POST",
                              "/api/import?apply=true",
                              "text/csv",
                              "id,day,topic\r\n" + id + ",2026-03-04,boats\r\n")
                          .status()
                      == 200
                  && known.there.get(kind).add("/api/entries/" + id);
          case PLATE ->
              json(
                              "PUT",
                              "/api/recall/plates/" + id,
                              "{\"title\":\"Crane\",\"topics\":[],\"note\":\"\",\"svg\":\"<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 10'><path d='M1 1L9 9'/></svg>\",\"pins\":[{\"name\":\"jib\",\"latin\":\"\",\"others\":[],\"x\":0.5,\"y\":0.5}]}")
                          .status()
                      == 200
                  && known.there.get(kind).add("/api/recall/plates/" + id);
          case PICTURE -> picture(id) == 200 && known.there.get(kind).add("/api/pictures/" + id);
        };
    if (!kept) {
      known.refused.get(kind).incrementAndGet();
    }
  }

  /** A picture that is like no other. */
  private int picture(UUID id) {
    var image = new BufferedImage(16, 16, BufferedImage.TYPE_INT_RGB);
    image.setRGB(3, 3, (int) id.getMostSignificantBits());
    image.setRGB(9, 9, (int) id.getLeastSignificantBits());
    var bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
      return sendBytes("/api/pictures/" + id + "?name=p.png", bytes.toByteArray());
    } catch (IOException e) {
      return 0;
    }
  }

  /** How many of those acknowledged are lost. */
  int lost(Set<String> acknowledged) {
    int lost = 0;
    for (var known : acknowledged) {
      boolean gone = known.startsWith("!");
      var parts = (gone ? known.substring(1) : known).split(" ", 2);
      var answer = send("GET", parts[0], null, "");
      boolean there =
          answer.status() == 200 && (parts.length < 2 || answer.body().contains(parts[1]));
      if (gone ? answer.status() != 404 : !there) {
        lost++;
        System.out.println("lost: " + known + " -> " + answer.status());
      }
    }
    return lost;
  }

  void kill() throws InterruptedException {
    process.descendants().forEach(ProcessHandle::destroyForcibly);
    process.destroyForcibly();
    process.waitFor();
  }

  @Override
  public void close() throws InterruptedException {
    kill();
  }
}
