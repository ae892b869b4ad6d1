package humblequill.server.day.exchange;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.Poses;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.entry.PosesView;
import humblequill.server.day.entry.StudyFields;
import humblequill.server.ground.data.SpreadsheetCell;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Entries as CSV by RFC 4180, as documented in docs/formats/entries.md. */
final class EntryCsv {
  /** A column: its name, and what it holds of an entry. */
  private record Column(String name, Function<EntryView, @Nullable Object> value) {}

  private static Column column(String name, Function<EntryFields, @Nullable Object> value) {
    return new Column(name, e -> value.apply(e.fields()));
  }

  /** In the order they are written. */
  private static final List<Column> ALL =
      List.of(
          new Column("id", EntryView::id),
          column("day", EntryFields::day),
          column("time", EntryFields::time),
          column("exercise_id", EntryFields::exerciseId),
          new Column("exercise", EntryView::exerciseTitle),
          column("topic", EntryFields::topic),
          column("drawings", EntryFields::drawings),
          column("minutes", EntryFields::minutes),
          column("source", EntryFields::source),
          column("medium", EntryFields::medium),
          column("resource", EntryFields::resource),
          column("book", EntryFields::book),
          column("page_from", EntryFields::pageFrom),
          column("page_to", EntryFields::pageTo),
          column("mark", EntryFields::mark),
          column("went_wrong", EntryFields::wentWrong),
          column("next_time", EntryFields::nextTime),
          column("note", EntryFields::note),
          column("poses", f -> PosesView.toCore(f.poses()).written()),
          study("unit", StudyFields::unit),
          study("unit_from", StudyFields::unitFrom),
          study("unit_to", StudyFields::unitTo),
          study("how_used", StudyFields::how),
          study("facets", f -> f.facets() == null ? null : String.join("; ", f.facets())),
          study("mark_before", StudyFields::markBefore),
          study("looked_for", StudyFields::lookedFor),
          study("depth", StudyFields::depth),
          study("own_figure", StudyFields::ownFigure),
          study("own_count", StudyFields::ownCount));

  private static Column study(String name, Function<StudyFields, @Nullable Object> value) {
    return column(
        name,
        f -> {
          var told = f.study() == null ? null : value.apply(f.study());
          return told instanceof Enum<?> constant ? lower(constant) : told;
        });
  }

  private static String lower(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** The names of the columns in the order they are written. */
  static final List<String> COLUMNS = ALL.stream().map(Column::name).toList();

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get();

  private EntryCsv() {}

  /** A line that cannot be an entry. */
  static final class BadLine extends Exception implements Explained {
    private static final long serialVersionUID = 1L;

    private final transient Message why;

    BadLine(Message why) {
      super(why.toString());
      this.why = why;
    }

    @Override
    public Message why() {
      return why;
    }
  }

  static void write(List<EntryView> entries, Appendable out) throws IOException {
    var printer = FORMAT.print(out);
    printer.printRecord(COLUMNS);
    for (var e : entries) {
      printer.printRecord(ALL.stream().map(column -> cell(column.value().apply(e))));
    }
  }

  private static @Nullable Object cell(@Nullable Object value) {
    return value instanceof String text ? SpreadsheetCell.written(text) : value;
  }

  /** Takes records as they are read. */
  interface Taker {
    void take(CSVRecord record);
  }

  /**
   * Reads records one by one, the heading first.
   *
   * @throws IOException if the text is not UTF-8 or the quoting is broken; the message tells the
   *     line
   */
  static void records(InputStream file, Taker taker) throws IOException {
    var decoder = StandardCharsets.UTF_8.newDecoder();
    try (var parser = FORMAT.parse(new InputStreamReader(file, decoder))) {
      for (var record : parser) {
        taker.take(record);
      }
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  /**
   * One line.
   *
   * @param id null where the line has none
   * @param cells its cells by the names of their columns; empty where it has an id
   */
  record Row(
      @Nullable UUID id,
      @Nullable String exerciseTitle,
      EntryFields fields,
      Map<String, String> cells) {}

  static Row row(Map<String, String> cells) throws BadLine {
    var day = required("day", value("day", cells, LocalDate::parse));
    var pageFrom = value("page_from", cells, Integer::valueOf);
    var pageTo = value("page_to", cells, Integer::valueOf);
    var id = value("id", cells, UUID::fromString);
    return new Row(
        id,
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
            pageFrom,
            pageTo == null ? pageFrom : pageTo,
            value("mark", cells, Integer::valueOf),
            value("poses", cells, text -> PosesView.of(Poses.read(text))),
            studyOf(cells),
            text("went_wrong", cells),
            text("next_time", cells),
            text("note", cells)),
        id == null ? cells : Map.of());
  }

  private static @Nullable StudyFields studyOf(Map<String, String> cells) throws BadLine {
    var facets = text("facets", cells);
    var study =
        new StudyFields(
            constant("unit", cells, UnitKind.class),
            value("unit_from", cells, Integer::valueOf),
            value("unit_to", cells, Integer::valueOf),
            constant("how_used", cells, HowUsed.class),
            facets.isEmpty()
                ? List.of()
                : Arrays.stream(facets.split(";"))
                    .map(String::strip)
                    .filter(f -> !f.isEmpty())
                    .toList(),
            value("mark_before", cells, Integer::valueOf),
            constant("looked_for", cells, LookedFor.class),
            constant("depth", cells, Depth.class),
            value("own_figure", cells, Function.identity()),
            value("own_count", cells, Integer::valueOf));
    return study.equals(NOTHING) ? null : study;
  }

  private static final StudyFields NOTHING =
      new StudyFields(null, null, null, null, List.of(), null, null, null, null, null);

  private static <E extends Enum<E>> @Nullable E constant(
      String column, Map<String, String> cells, Class<E> type) throws BadLine {
    return value(
        column, cells, text -> Enum.valueOf(type, text.toUpperCase(Locale.ROOT).replace(' ', '_')));
  }

  private static String text(String column, Map<String, String> cells) {
    return SpreadsheetCell.read(cells.getOrDefault(column, "").strip());
  }

  private static <T> T required(String column, @Nullable T value) throws BadLine {
    if (value == null) {
      throw new BadLine(Message.of("day.columnEmpty", "column", column));
    }
    return value;
  }

  private static <T> @Nullable T value(
      String column, Map<String, String> cells, Function<String, T> read) throws BadLine {
    var text = text(column, cells);
    if (text.isEmpty()) {
      return null;
    }
    try {
      return read.apply(text);
    } catch (DateTimeException | IllegalArgumentException e) {
      throw new BadLine(Message.of("day.columnCannotBe", "column", column, "value", text));
    }
  }
}
