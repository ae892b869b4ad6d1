package humblequill.server.course.feed;

import humblequill.server.ground.edge.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FeedController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final FeedService service;

  FeedController(FeedService service) {
    this.service = service;
  }

  @GetMapping("/api/plan.ics")
  ResponseEntity<String> download() {
    var name = ContentDisposition.attachment().filename("plan.ics").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .contentType(CALENDAR)
        .body(service.calendar());
  }

  @GetMapping("/feed/{secret}/plan.ics")
  ResponseEntity<String> feed(@PathVariable String secret) {
    if (!service.isSecret(secret)) {
      throw Refusal.notFound("calendar", "");
    }
    return ResponseEntity.ok().contentType(CALENDAR).body(service.calendar());
  }

  @GetMapping("/api/feed")
  Feed address(HttpServletRequest request) {
    return new Feed(address(service.secret(), request));
  }

  @PostMapping("/api/feed")
  Feed renew(HttpServletRequest request) {
    return new Feed(address(service.renew(), request));
  }

  private static String address(String secret, HttpServletRequest request) {
    return "http://127.0.0.1:" + request.getLocalPort() + "/feed/" + secret + "/plan.ics";
  }

  /** The address that other programs on this machine can subscribe to. */
  record Feed(String address) {}
}
