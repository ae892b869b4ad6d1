package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** RFC 4180 against a reference library: it reads what is written here, and writes what is read. */
@ExtendWith(RunningQuill.class)
class CsvReferenceTest {
  private static final List<String> NASTY =
      List.of(
          "plain",
          "b,c",
          "d\"e",
          "\"",
          "\"\"\"",
          "line\nbreak",
          "line\r\nbreak",
          ",",
          "'single'",
          "semi;colon\ttab",
          "ümläut — “quoted”",
          "=1+1",
          "trailing\\");

  @Test
  void another_library_reads_every_text_as_it_was_but_for_defused_formulas(Api api) {
    for (var text : NASTY) {
      var id = UUID.randomUUID();
      var fields = EntryApiTest.fields("topic", "csv", "note", text);
      assertThat(api.post("/api/entries", Map.of("id", id, "fields", fields)).status())
          .isEqualTo(201);
      var file = api.get("/api/export").body();
      var record =
          CsvReader.builder().ofNamedCsvRecord(file).stream()
              .filter(r -> r.getField("id").equals(id.toString()))
              .findFirst()
              .orElseThrow();
      assertThat(record.getField("note")).isEqualTo(text.startsWith("=") ? "'" + text : text);
      assertThat(record.getField("topic")).isEqualTo("csv");
      api.delete("/api/entries/" + id + "?version=0");
    }
  }

  @Test
  void records_have_one_number_of_fields_and_end_as_the_standard_says(Api api) {
    var file = api.get("/api/export").body();
    assertThat(file).endsWith("\r\n");
    var sizes =
        CsvReader.builder().ofCsvRecord(file).stream().map(r -> r.getFieldCount()).distinct();
    assertThat(sizes).hasSize(1);
  }

  @Test
  void what_the_reference_library_writes_is_read(Api api) {
    var out = new java.io.StringWriter();
    try (var csv =
        de.siegmar.fastcsv.writer.CsvWriter.builder()
            .lineDelimiter(de.siegmar.fastcsv.writer.LineDelimiter.CRLF)
            .build(out)) {
      csv.writeRecord("day", "topic", "note");
      for (var text : NASTY) {
        csv.writeRecord("2026-03-01", "reference", text);
      }
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    var report =
        api.send(
                "POST",
                "/api/import?apply=true",
                out.toString(),
                Map.of("Content-Type", "text/csv"))
            .json();
    assertThat(report.path("refused").asInt()).isZero();
    assertThat(report.path("added").asInt()).isEqualTo(NASTY.size());
    var notes =
        api.get("/api/entries?topic=reference&most=100")
            .json()
            .path("entries")
            .valueStream()
            .map(e -> e.path("fields").path("note").asString());
    assertThat(notes).containsExactlyInAnyOrderElementsOf(NASTY);
  }
}
