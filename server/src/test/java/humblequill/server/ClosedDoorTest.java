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
    try (var socket = new Socket("127.0.0.1", port)) {
      var request =
          "GET /api/today HTTP/1.1\r\n"
              + String.join("\r\n", headers)
              + "\r\nConnection: close\r\n\r\n";
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
