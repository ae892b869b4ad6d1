package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tests through the API at moments they set; each begins on the same morning, with nothing drawn,
 * nothing promised and no sitting under way.
 */
@ExtendWith(RunningQuill.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class ClockedTest {
  private final int minutesADay;
  Api api;

  /** With so many minutes on every day. */
  ClockedTest(int minutesADay) {
    this.minutesADay = minutesADay;
  }

  /** Answers the first start. */
  @BeforeAll
  void minutesADay() {
    api = RunningQuill.at(RunningQuill.NOW);
    var settings = (ObjectNode) api.get("/api/settings").json();
    settings.withObjectProperty("time").put("zone", "UTC");
    settings
        .path("time")
        .path("week")
        .forEach(day -> ((ObjectNode) day).put("minutes", minutesADay));
    assertThat(api.put("/api/settings", settings).status()).isEqualTo(200);
  }

  @BeforeEach
  void freshMorning() {
    api = RunningQuill.at(RunningQuill.NOW);
    var running = api.get("/api/sittings/current").json().path("sitting");
    api.delete("/api/sittings/" + running.path("id").asString(""));
    for (var quota : api.get("/api/quotas").json()) {
      remove("/api/quotas/", quota);
    }
    for (var entry : api.get("/api/entries?most=500").json().path("entries")) {
      remove("/api/entries/", entry);
    }
  }

  private void remove(String path, JsonNode thing) {
    api.delete(path + thing.path("id").asString() + "?version=" + thing.path("version").asLong());
  }
}
