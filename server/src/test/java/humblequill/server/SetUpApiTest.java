package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What setting up costs, taught by sittings; (10 · 4 + 5 · 10) ÷ 15 = 6 by hand. */
class SetUpApiTest extends ClockedTest {
  SetUpApiTest() {
    super(70);
  }

  @Test
  void ten_sittings_replace_the_guess_everywhere_until_a_figure_by_hand_holds() {
    assertThat(api.get("/api/today").json().path("overheadMinutes").asInt()).isEqualTo(10);
    for (int day = 0; day < 10; day++) {
      assertThat(api.get("/api/sittings/set-up").json().path("learned").asBoolean()).isFalse();
      var date = LocalDate.of(2026, 3, 6).plusDays(day);
      api = RunningQuill.at(date + "T09:00:00Z");
      var id = UUID.randomUUID();
      assertThat(api.post("/api/sittings", SittingApiTest.sitting(id)).status()).isEqualTo(201);
      api = RunningQuill.at(date + "T12:00:00Z");
      api.get("/api/today");
      assertThat(api.put("/api/sittings/" + id + "/set-up", Map.of("minutes", 4)).status())
          .isEqualTo(204);
    }
    var learned = api.get("/api/sittings/set-up").json();
    assertThat(learned.path("minutes").asInt()).isEqualTo(6);
    assertThat(learned.path("sittings").asInt()).isEqualTo(10);
    assertThat(api.get("/api/today").json().path("overheadMinutes").asInt()).isEqualTo(6);

    var byHand = (ObjectNode) api.get("/api/settings").json();
    byHand.withObjectProperty("work").put("overheadMinutes", 15).put("overheadByHand", true);
    assertThat(api.put("/api/settings", byHand).status()).isEqualTo(200);
    assertThat(api.get("/api/today").json().path("overheadMinutes").asInt()).isEqualTo(15);
    var tooMuch = api.put("/api/sittings/" + UUID.randomUUID() + "/set-up", Map.of("minutes", 61));
    assertThat(tooMuch.status()).isEqualTo(400);
    assertThat(tooMuch.body()).contains("61");
  }
}
