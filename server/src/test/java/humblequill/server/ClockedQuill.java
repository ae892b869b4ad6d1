package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** An application on a folder of its own whose clock stands where a test sets it. */
final class ClockedQuill implements AutoCloseable {
  private static final Instant MORNING = Instant.parse(RunningQuill.NOW);

  private final Path folder = RunningQuill.temporaryFolder();
  private final SetClock clock = new SetClock();
  private ConfigurableApplicationContext context = RunningQuill.start(folder, clock);

  /** A clock that stands still until it is set. */
  private static final class SetClock extends Clock {
    private volatile Instant now = MORNING;

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }

    @Override
    public Instant instant() {
      return now;
    }
  }

  /** The application at another moment. */
  Api at(String now) {
    clock.now = Instant.parse(now);
    return new Api(
        context.getEnvironment().getRequiredProperty("local.server.port", Integer.class));
  }

  /** Stopped and started again, at another moment. */
  Api restartedAt(String now) {
    context.close();
    context = RunningQuill.start(folder, clock);
    return at(now);
  }

  /** The same morning again, with nothing drawn, nothing promised and no sitting under way. */
  Api freshMorning() {
    var api = at(MORNING.toString());
    var running = api.get("/api/sittings/current").json().path("sitting");
    api.delete("/api/sittings/" + running.path("id").asString(""));
    for (var quota : api.get("/api/quotas").json()) {
      remove(api, "/api/quotas/", quota);
    }
    for (var entry : api.get("/api/entries?most=500").json().path("entries")) {
      remove(api, "/api/entries/", entry);
    }
    return api;
  }

  private static void remove(Api api, String path, JsonNode thing) {
    api.delete(path + thing.path("id").asString() + "?version=" + thing.path("version").asLong());
  }

  /** Answers the first start: so many minutes on every day. */
  static void minutesADay(Api api, int minutes) {
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.put("zone", "UTC");
    settings.path("week").forEach(day -> ((ObjectNode) day).put("minutes", minutes));
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  @Override
  public void close() {
    context.close();
  }
}
