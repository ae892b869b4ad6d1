package humblequill.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Asks for all that can be asked without knowing more, writes an entry, sends an enormous picture
 * and has a copy made. The build does this once, on a folder that it throws away, and keeps the
 * classes that it took: a learner's first requests after a start need not look for them.
 */
@Component
@ConditionalOnProperty("quill.rehearsal")
final class Rehearsal {
  private static final int ENORMOUS = 100_000;
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(1);

  private final RequestMappingHandlerMapping addresses;
  private final Environment environment;
  private final HttpClient client = HttpClient.newHttpClient();

  Rehearsal(RequestMappingHandlerMapping addresses, Environment environment) {
    this.addresses = addresses;
    this.environment = environment;
  }

  @EventListener(ApplicationReadyEvent.class)
  void rehearse() throws IOException, InterruptedException {
    ask(to("/").GET());
    for (var address : plainAddresses().toList()) {
      ask(to(address).GET());
    }
    ask(
        to("/api/entries")
            .header("Content-Type", MediaType.APPLICATION_JSON_VALUE)
            .POST(
                BodyPublishers.ofString(
                    """
                    {"id": "%s", "fields": {"day": "2000-01-01", "minutes": 10,
                      "wentWrong": "", "nextTime": "", "note": ""}}\
                    """
                        .formatted(UUID.randomUUID()))));
    ask(
        to("/api/pictures/" + UUID.randomUUID() + "?name=enormous")
            .header("Content-Type", MediaType.APPLICATION_OCTET_STREAM_VALUE)
            .PUT(BodyPublishers.ofByteArray(enormousPicture())));
    ask(to("/api/copies").POST(BodyPublishers.noBody()));
  }

  private Stream<String> plainAddresses() {
    return addresses.getHandlerMethods().keySet().stream()
        .filter(asked -> asked.getMethodsCondition().getMethods().contains(RequestMethod.GET))
        .flatMap(asked -> asked.getPatternValues().stream())
        .filter(address -> address.startsWith("/api/") && !address.contains("{"))
        .sorted();
  }

  private HttpRequest.Builder to(String address) {
    var port = environment.getProperty("local.server.port");
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + address))
        .timeout(LONGEST_WAIT);
  }

  private void ask(HttpRequest.Builder request) throws IOException, InterruptedException {
    client.send(request.build(), BodyHandlers.discarding());
  }

  /** The beginning of a PNG file, which tells how large it is. */
  private static byte[] enormousPicture() {
    return ByteBuffer.allocate(33)
        .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0, 0, 13})
        .put("IHDR".getBytes(StandardCharsets.US_ASCII))
        .putInt(ENORMOUS)
        .putInt(ENORMOUS)
        .put(new byte[] {8, 2})
        .array();
  }
}
