package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;

/** Screens ask the database a fixed number of times, however much was drawn. */
class StatementsTest {
  private static final int MOST = 12;
  private static final int LETTER = 15;

  private static Map<String, Object> entry() {
    var fields = new HashMap<String, Object>(Map.of("day", "2026-03-05", "topic", "hulls"));
    fields.putAll(Map.of("drawings", 1, "minutes", 5, "wentWrong", "", "nextTime", ""));
    fields.put("note", "");
    return Map.of("id", UUID.randomUUID(), "fields", fields);
  }

  private static long asked(Statistics statistics, Api api, String screen) {
    statistics.clear();
    assertThat(api.get(screen).status()).isEqualTo(200);
    return statistics.getPrepareStatementCount();
  }

  @Test
  void screens_need_few_statements() {
    try (var quill =
        RunningQuill.start(
            RunningQuill.temporaryFolder(),
            "--quill.demo=true",
            "--quill.demo.pictures=0",
            "--spring.jpa.properties.hibernate.generate_statistics=true")) {
      var statistics =
          quill.getBean(EntityManagerFactory.class).unwrap(SessionFactory.class).getStatistics();
      var api = RunningQuill.api(quill);
      for (var window : new String[] {"COURSE", "DAYS", "YEAR"}) {
        statistics.clear();
        assertThat(api.post("/api/entries", entry()).status()).isEqualTo(201);
        assertThat(statistics.getPrepareStatementCount()).as("they are counted").isPositive();
        assertThat(asked(statistics, api, "/api/coverage?all=true&window=" + window))
            .as("%s, right after an entry was written", window)
            .isLessThanOrEqualTo(MOST);
        assertThat(asked(statistics, api, "/api/coverage?all=true&window=" + window))
            .as("%s, once more", window)
            .isLessThanOrEqualTo(MOST);
      }
      var week = api.get("/api/reviews").json().path("weeks").get(1).path("from").asString();
      assertThat(api.post("/api/entries", entry()).status()).isEqualTo(201);
      assertThat(asked(statistics, api, "/api/reviews/" + week))
          .as("a week looked back on, right after an entry was written")
          .isLessThanOrEqualTo(LETTER);
      assertThat(asked(statistics, api, "/api/look-back/series")).isLessThanOrEqualTo(LETTER);
      assertThat(asked(statistics, api, "/api/look-back/years/2026")).isLessThanOrEqualTo(LETTER);
    }
  }
}
