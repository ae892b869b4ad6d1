package humblequill.server.exchange;

import humblequill.server.entry.EntryFields;
import humblequill.server.entry.EntryView;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Entries as CSV by RFC 4180, as documented in docs/formats/entries-csv.md. */
final class EntryCsv {
  /** The columns in the order they are written. */
  static final List<String> COLUMNS =
      List.of(
          "id",
          "day",
          "time",
          "exercise_id",
          "exercise",
          "topic",
          "drawings",
          "minutes",
          "source",
          "medium",
          "resource",
          "book",
          "page_from",
          "page_to",
          "mark",
          "went_wrong",
          "next_time",
          "note",
          "poses");

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get();

  private EntryCsv() {}

  /** A line that cannot be an entry. */
  static final class BadLine extends Exception {
    private static final long serialVersionUID = 1L;

    BadLine(String reason) {
      super(reason);
    }
  }

  static void write(List<EntryView> entries, Appendable out) throws IOException {
    var printer = FORMAT.print(out);
    printer.printRecord(COLUMNS);
    for (var e : entries) {
      printer.printRecord(
          e.id(),
          e.day(),
          e.time(),
          e.exerciseId(),
          e.exerciseTitle(),
          e.topic(),
          e.drawings(),
          e.minutes(),
          e.source(),
          e.medium(),
          e.resource(),
          e.book(),
          e.pageFrom(),
          e.pageTo(),
          e.mark(),
          e.wentWrong(),
          e.nextTime(),
          e.note(),
          e.poses());
    }
  }

  /**
   * Reads all records, the heading first.
   *
   * @throws IOException if the quoting is broken; the message tells the line
   */
  static List<CSVRecord> records(String text) throws IOException {
    try (var parser = FORMAT.parse(new java.io.StringReader(text))) {
      var records = new ArrayList<CSVRecord>();
      for (var record : parser) {
        records.add(record);
      }
      return records;
    } catch (java.io.UncheckedIOException e) {
      throw e.getCause();
    }
  }

  /** One line by the names of its columns; the id is null where the line has none. */
  record Row(@Nullable UUID id, @Nullable String exerciseTitle, EntryFields fields) {}

  static Row row(Map<String, String> cells) throws BadLine {
    var day = required("day", value("day", cells, LocalDate::parse));
    return new Row(
        value("id", cells, UUID::fromString),
        value("exercise", cells, Function.identity()),
        new EntryFields(
            day,
            value("time", cells, LocalTime::parse),
            value("exercise_id", cells, Function.identity()),
            value("topic", cells, Function.identity()),
            value("drawings", cells, Integer::valueOf),
            value("minutes", cells, Integer::valueOf),
            value("source", cells, Function.identity()),
            value("medium", cells, Function.identity()),
            value("resource", cells, Function.identity()),
            value("book", cells, Function.identity()),
            value("page_from", cells, Integer::valueOf),
            value("page_to", cells, Integer::valueOf),
            value("mark", cells, Integer::valueOf),
            cells.getOrDefault("went_wrong", "").strip(),
            cells.getOrDefault("next_time", "").strip(),
            cells.getOrDefault("note", "").strip(),
            value("poses", cells, Function.identity())));
  }

  private static <T> T required(String column, @Nullable T value) throws BadLine {
    if (value == null) {
      throw new BadLine("the column " + column + " is empty");
    }
    return value;
  }

  private static <T> @Nullable T value(
      String column, Map<String, String> cells, Function<String, T> read) throws BadLine {
    var text = cells.getOrDefault(column, "").strip();
    if (text.isEmpty()) {
      return null;
    }
    try {
      return read.apply(text);
    } catch (DateTimeException | IllegalArgumentException e) {
      throw new BadLine(column + " cannot be \"" + text + "\"");
    }
  }
}
