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
    assertThat(file).contains(id + ",2026-03-04,,,,\"b,c\",,,,,,,,,,,,\"d\"\"e\nf\",");
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
    assertThat(Api.said(report.path("lines").get(1).path("reason")))
        .contains("day")
        .contains("2026-13-01");
    assertThat(Api.said(report.path("lines").get(2).path("reason")))
        .contains("drawings")
        .contains("none");
    assertThat(Api.said(report.path("lines").get(3).path("reason"))).contains("ahead");
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

  @Test
  void a_line_that_equals_an_entry_written_by_hand_is_skipped_whoever_spells_it(Api api) {
    var id = UUID.randomUUID();
    var fields = EntryApiTest.fields("topic", "egrets", "drawings", 4, "medium", "brush pen");
    api.post("/api/entries", Map.of("id", id, "fields", fields));
    var file =
        "day,topic,drawings,medium\r\n2026-03-04,Egret,4,Brushpen\r\n2026-03-04,egrets,4,brush pen\r\n";
    var report = bring(api, file, true).json();
    assertThat(outcome(report, 0)).as("it is that entry").isEqualTo("SKIP");
    assertThat(outcome(report, 1)).as("a second one is another").isEqualTo("ADD");
    assertThat(api.get("/api/entries?topic=egrets").json().path("total").asInt()).isEqualTo(2);
  }

  @Test
  void a_first_page_alone_reads_twice_alike(Api api) {
    var file = "day,topic,book,page_from\r\n2026-03-01,plovers,Quay book,41\r\n";
    assertThat(bring(api, file, true).json().path("added").asInt()).isEqualTo(1);
    assertThat(bring(api, file, true).json().path("added").asInt()).isZero();
    assertThat(bring(api, api.get("/api/export").body(), false).json().path("refused").asInt())
        .isZero();
  }

  @Test
  void a_column_more_makes_no_line_of_an_older_file_another_one(Api api) {
    var id = "day,topic,drawings\r\n2026-03-01,stilts,3\r\n";
    var wider = "mark,day,poses,topic,drawings\r\n,2026-03-01,,stilts,3\r\n";
    assertThat(bring(api, id, true).json().path("added").asInt()).isEqualTo(1);
    var first = api.get("/api/entries?topic=stilts").json().path("entries").path(0);
    api.put(
        "/api/entries/" + first.path("id").asString(),
        Map.of("version", 0, "fields", EntryApiTest.fields("topic", "stilts", "drawings", 9)));
    var report = bring(api, wider, true).json();
    assertThat(outcome(report, 0)).as("known, and changed since").isEqualTo("REFUSE");
    assertThat(api.get("/api/entries?topic=stilts").json().path("total").asInt()).isEqualTo(1);
  }

  /** The id that the version before made of this very line, written down from that version. */
  @Test
  void a_line_read_by_the_version_before_is_known_by_the_id_it_was_given(Api api) {
    var before =
        "EntryFields[day=2026-03-01, time=null, exerciseId=null, topic=knots, drawings=3, minutes=null, "
            + "source=null, medium=null, resource=null, book=null, pageFrom=null, pageTo=null, mark=null, "
            + "wentWrong=, nextTime=, note=, poses=null]#1";
    var id = UUID.nameUUIDFromBytes(before.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    api.post(
        "/api/entries",
        Map.of("id", id, "fields", EntryApiTest.fields("topic", "knots", "drawings", 12)));
    var report = bring(api, "day,topic,drawings\r\n2026-03-01,knots,3\r\n", true).json();
    assertThat(outcome(report, 0)).isEqualTo("REFUSE");
    assertThat(Api.said(report.path("lines").get(0).path("reason"))).contains("other contents");
  }
}
