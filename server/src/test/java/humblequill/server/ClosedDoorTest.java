package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningQuill.class)
class ClosedDoorTest {
  /** A raw request, since the client library writes the Host header itself. */
  private static String raw(int port, String... headers) throws IOException {
    return rawly(port, "GET /api/today HTTP/1.1", headers);
  }

  private static String rawly(int port, String line, String... headers) throws IOException {
    try (var socket = new Socket("127.0.0.1", port)) {
      var request = line + "\r\n" + String.join("\r\n", headers) + "\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void answers_only_to_its_own_name(Api api) throws IOException {
    int port = api.port();
    assertThat(raw(port, "Host: 127.0.0.1:" + port)).startsWith("HTTP/1.1 200");
    assertThat(raw(port, "Host: localhost:" + port)).startsWith("HTTP/1.1 200");
    assertThat(raw(port, "Host: drawings.example:" + port)).startsWith("HTTP/1.1 421");
    assertThat(raw(port, "Host: 127.0.0.1.drawings.example:" + port)).startsWith("HTTP/1.1 421");
    assertThat(raw(port, "Host: 127.0.0.1:1")).startsWith("HTTP/1.1 421");
  }

  @Test
  void a_page_elsewhere_can_neither_read_nor_write(Api api) throws IOException {
    int port = api.port();
    var host = "Host: 127.0.0.1:" + port;
    assertThat(raw(port, host, "Origin: http://drawings.example")).startsWith("HTTP/1.1 403");
    assertThat(raw(port, host, "Origin: null")).startsWith("HTTP/1.1 403");
    assertThat(raw(port, host, "Origin: http://127.0.0.1:" + port)).startsWith("HTTP/1.1 200");
    assertThat(raw(port, host, "Sec-Fetch-Site: cross-site")).startsWith("HTTP/1.1 403");
    var write = api.send("DELETE", "/api/course", null, Map.of("Origin", "http://127.0.0.1:1"));
    assertThat(write.status()).isEqualTo(403);
    var form = api.send("POST", "/api/entries", "id=1", Map.of("Content-Type", "text/plain"));
    assertThat(form.status()).isEqualTo(415);
  }

  /** Written otherwise, a path is still the one that is answered. */
  @Test
  void a_path_that_is_encoded_or_decorated_is_as_closed(Api api) throws IOException {
    var host = "Host: 127.0.0.1:" + api.port();
    for (var path :
        new String[] {"/%61pi/today", "/api;x=1/today", "//api/today", "/./api/today"}) {
      var line = "GET " + path + " HTTP/1.1";
      assertThat(rawly(api.port(), line, host, "Sec-Fetch-Site: cross-site"))
          .as(path)
          .startsWith("HTTP/1.1 403");
    }
  }

  @Test
  void what_the_container_itself_refuses_is_a_problem_document_too(Api api) throws IOException {
    var host = "Host: 127.0.0.1:" + api.port();
    for (var line :
        new String[] {
          "GET /%zz HTTP/1.1",
          "GET /a\\b HTTP/1.1",
          "GET /<> HTTP/1.1",
          "GET /api/today?x=%zz HTTP/1.1"
        }) {
      assertThat(rawly(api.port(), line, host))
          .as(line)
          .startsWith("HTTP/1.1 400")
          .contains("application/problem+json")
          .contains("\"detail\"")
          .doesNotContain("<html")
          .doesNotContain("Tomcat");
    }
    var error = api.get("/error");
    assertThat(error.status()).isEqualTo(404);
    assertThat(error.json().path("code").asString()).isEqualTo("not-found");
  }

  @Test
  void an_answer_that_there_is_none_of_is_refused_before_anything_is_stored(Api api) {
    var id = java.util.UUID.randomUUID().toString();
    var body = Map.of("id", id, "fields", EntryApiTest.fields("topic", "boats"));
    var answer = api.send("POST", "/api/entries", body, Map.of("Accept", "image/png"));
    assertThat(answer.status()).isEqualTo(406);
    assertThat(answer.json().path("detail").asString()).contains("image/png");
    assertThat(api.get("/api/entries/" + id).status()).isEqualTo(404);
  }

  @Test
  void a_parameter_that_stands_twice_is_named(Api api) {
    var answer = api.get("/api/entries?most=1&most=2");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("detail").asString())
        .isEqualTo("most may be said once; it was \"1\" and \"2\".");
    assertThat(api.get("/api/courses?week=1&week=1&week=1&week=1&week=1&week=1&week=1").status())
        .isEqualTo(200);
  }

  @Test
  void a_form_with_files_is_nothing_that_is_read(Api api) {
    var answer =
        api.send("POST", "/api/entries", "x", Map.of("Content-Type", "multipart/form-data"));
    assertThat(answer.status()).isEqualTo(415);
  }

  @Test
  void every_answer_forbids_scripts_from_elsewhere(Api api) {
    for (var path : new String[] {"/api/today", "/api/nothing", "/nowhere"}) {
      var policy =
          api.get(path).raw().headers().firstValue("Content-Security-Policy").orElseThrow();
      assertThat(policy)
          .contains("default-src 'none'")
          .contains("script-src 'self';")
          .doesNotContain("script-src 'self' 'unsafe");
    }
  }

  @Test
  void a_body_over_the_limit_is_refused_before_it_is_read(Api api) {
    var answer =
        api.send(
            "POST",
            "/api/import",
            "x".repeat(16 * 1024 * 1024 + 1),
            Map.of("Content-Type", "text/csv"));
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.json().path("code").asString()).isEqualTo("too-large");
  }

  @Test
  void no_answer_shows_a_stack_trace(Api api) {
    for (var body : new String[] {"{", "[]", "null", "{\"id\":{}}", "\u0000"}) {
      var answer = api.post("/api/entries", body);
      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.body()).doesNotContain("Exception").doesNotContain("jackson");
    }
  }
}
