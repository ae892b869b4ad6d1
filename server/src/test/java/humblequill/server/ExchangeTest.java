package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningQuill.class)
class ExchangeTest {
  private static final String HEAD = "day,topic,drawings,note\r\n";

  private static Api.Answer bring(Api api, String file, boolean apply) {
    return api.send("POST", "/api/import?apply=" + apply, file, Map.of("Content-Type", "text/csv"));
  }

  private static String outcome(JsonNode report, int line) {
    return report.path("lines").get(line).path("outcome").asString();
  }

  /**
   * RFC 4180 section 2, rules 5 to 7: fields with commas, quotes or line breaks are quoted, inner
   * quotes doubled; records end with CRLF. The expected text is written by hand from the rules.
   */
  @Test
  void quotes_as_rfc_4180_says(Api api) {
    var id = UUID.randomUUID();
    api.post(
        "/api/entries",
        Map.of("id", id, "fields", EntryApiTest.fields("topic", "b,c", "note", "d\"e\nf")));
    var file = api.get("/api/export").body();
    assertThat(file).startsWith("id,day,time,exercise_id,");
    assertThat(file).contains(id + ",2026-03-04,,,,\"b,c\",,,,,,,,,,,,\"d\"\"e\nf\",\r\n");
    assertThat(bring(api, file, false).json().path("added").asInt()).isZero();
    assertThat(bring(api, file, false).json().path("refused").asInt()).isZero();
    api.delete("/api/entries/" + id + "?version=0");
    var back = bring(api, file, true).json();
    assertThat(back.path("added").asInt()).isEqualTo(1);
    assertThat(api.get("/api/entries/" + id).json().path("fields").path("note").asString())
        .isEqualTo("d\"e\nf");
    api.delete("/api/entries/" + id + "?version=0");
  }

  @Test
  void a_trial_run_tells_each_line_and_changes_nothing(Api api) {
    var file =
        HEAD
            + "2026-03-01,gulls,4,\r\n2026-13-01,gulls,4,\r\n2026-03-01,gulls,none,\r\n2026-03-09,gulls,1,\r\n,gulls,1,\r\nshort\r\n";
    var report = bring(api, file, false).json();
    assertThat(report.path("added").asInt()).isEqualTo(1);
    assertThat(report.path("refused").asInt()).isEqualTo(5);
    assertThat(report.path("lines").get(1).path("number").asInt()).isEqualTo(3);
    assertThat(report.path("lines").get(1).path("reason").asString())
        .contains("day")
        .contains("2026-13-01");
    assertThat(report.path("lines").get(2).path("reason").asString())
        .contains("drawings")
        .contains("none");
    assertThat(report.path("lines").get(3).path("reason").asString()).contains("ahead");
    assertThat(api.get("/api/entries?topic=gulls").json().path("total").asInt()).isZero();
  }

  @Test
  void nothing_is_brought_in_while_one_line_is_refused(Api api) {
    var report = bring(api, HEAD + "2026-03-01,terns,4,\r\n2026-03-01,terns,0,\r\n", true).json();
    assertThat(report.path("applied").asBoolean()).isFalse();
    assertThat(api.get("/api/entries?topic=terns").json().path("total").asInt()).isZero();
  }

  @Test
  void the_same_file_twice_adds_nothing_the_second_time_even_without_ids(Api api) {
    var file =
        HEAD + "2026-03-01,herons,4,\"two\r\nlines\"\r\n2026-03-01,herons,4,\"two\r\nlines\"\r\n";
    assertThat(bring(api, file, true).json().path("added").asInt()).isEqualTo(2);
    var again = bring(api, file, true).json();
    assertThat(again.path("added").asInt()).isZero();
    assertThat(outcome(again, 0)).isEqualTo("SKIP");
    assertThat(again.path("lines").get(1).path("number").asInt()).isEqualTo(4);
    assertThat(api.get("/api/entries?topic=herons").json().path("total").asInt()).isEqualTo(2);
  }

  @Test
  void files_that_are_no_entries_are_refused_with_the_reason(Api api) {
    assertThat(bring(api, "", false).status()).isEqualTo(400);
    assertThat(bring(api, "day,feather\r\n", false).json().path("detail").asString())
        .contains("feather");
    assertThat(bring(api, "topic\r\n", false).json().path("detail").asString()).contains("day");
    assertThat(bring(api, HEAD + "2026-03-01,\"open,4\r\n", false).json().path("detail").asString())
        .contains("quoting");
  }
}
