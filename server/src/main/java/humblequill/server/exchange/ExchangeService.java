package humblequill.server.exchange;

import humblequill.core.course.Exercise;
import humblequill.server.course.CourseService;
import humblequill.server.edge.Refusal;
import humblequill.server.entry.EntryFields;
import humblequill.server.entry.EntryService;
import jakarta.validation.Validator;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes entries out and reads them back in. */
@Service
class ExchangeService {
  private final EntryService entries;
  private final CourseService courses;
  private final Validator validator;

  ExchangeService(EntryService entries, CourseService courses, Validator validator) {
    this.entries = entries;
    this.courses = courses;
    this.validator = validator;
  }

  @Transactional(readOnly = true)
  String export() {
    var out = new StringBuilder();
    try {
      EntryCsv.write(entries.all(), out);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return out.toString();
  }

  @Transactional
  ImportReport read(byte[] file, boolean apply) {
    var records = records(decode(file));
    var columns = columns(records.get(0));
    var body = records.subList(1, records.size());
    var reading = new Reading(titles());
    long line = 1 + linesIn(records.get(0));
    for (var record : body) {
      reading.read(record, columns, line);
      line += linesIn(record);
    }
    return reading.report(apply);
  }

  private static String decode(byte[] file) {
    try {
      var text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
      return text.startsWith("\ufeff") ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      throw Refusal.badValue("file", "", "The file is not UTF-8 text.");
    }
  }

  private static List<CSVRecord> records(String text) {
    try {
      var records = EntryCsv.records(text);
      if (records.isEmpty()) {
        throw Refusal.badValue("file", "", "The file is empty.");
      }
      return records;
    } catch (IOException e) {
      throw Refusal.badValue("file", "", "The file's quoting is broken: " + e.getMessage());
    }
  }

  private static List<String> columns(CSVRecord heading) {
    var columns = heading.stream().map(String::strip).toList();
    var unknown = columns.stream().filter(c -> !EntryCsv.COLUMNS.contains(c)).toList();
    if (!unknown.isEmpty()) {
      throw Refusal.badValue(
          "file",
          unknown,
          "There is no column "
              + String.join(", ", unknown)
              + ". The columns are "
              + String.join(", ", EntryCsv.COLUMNS)
              + ".");
    }
    if (!columns.contains("day") || new HashSet<>(columns).size() < columns.size()) {
      throw Refusal.badValue(
          "file", columns, "The first line must name each column once, and the column day.");
    }
    return columns;
  }

  private static long linesIn(CSVRecord record) {
    return 1 + record.stream().mapToLong(cell -> cell.chars().filter(c -> c == '\n').count()).sum();
  }

  private Map<String, String> titles() {
    return courses.followed().stream()
        .flatMap(c -> c.placement().weeks().stream())
        .flatMap(w -> w.week().exercises().stream())
        .collect(Collectors.toMap(Exercise::title, Exercise::id, (a, b) -> ""));
  }

  /** The lines of one file as they are decided. */
  private final class Reading {
    private final Map<String, String> idsByTitle;
    private final List<ImportReport.Line> lines = new ArrayList<>();
    private final Map<UUID, EntryFields> wanted = new LinkedHashMap<>();
    private final Map<UUID, Integer> places = new HashMap<>();
    private final Map<EntryFields, Integer> seen = new HashMap<>();

    private Reading(Map<String, String> idsByTitle) {
      this.idsByTitle = idsByTitle;
    }

    private void read(CSVRecord record, List<String> columns, long number) {
      var summary =
          record.stream()
              .limit(10)
              .filter(c -> !c.isBlank() && c.length() < 36)
              .collect(Collectors.joining(" · "));
      try {
        if (record.size() == 1 && record.get(0).isBlank()) {
          return;
        }
        if (record.size() != columns.size()) {
          throw new EntryCsv.BadLine(
              "it has " + record.size() + " fields instead of " + columns.size());
        }
        var cells = new HashMap<String, String>();
        for (int i = 0; i < columns.size(); i++) {
          cells.put(columns.get(i), record.get(i));
        }
        var row = EntryCsv.row(cells);
        var fields = withExercise(row);
        check(fields);
        var id = row.id() == null ? madeUp(fields) : row.id();
        if (wanted.containsKey(id)) {
          throw new EntryCsv.BadLine(
              "the id "
                  + id
                  + " stands in line "
                  + lines.get(places.get(id)).number()
                  + " already");
        }
        wanted.put(id, fields);
        places.put(id, lines.size());
        lines.add(new ImportReport.Line(number, ImportReport.Outcome.ADD, "", summary));
      } catch (EntryCsv.BadLine | Refusal e) {
        lines.add(
            new ImportReport.Line(
                number, ImportReport.Outcome.REFUSE, String.valueOf(e.getMessage()), summary));
      }
    }

    private EntryFields withExercise(EntryCsv.Row row) throws EntryCsv.BadLine {
      var f = row.fields();
      if (f.exerciseId() != null || row.exerciseTitle() == null) {
        return f;
      }
      var id = idsByTitle.get(row.exerciseTitle());
      if (id == null || id.isEmpty()) {
        throw new EntryCsv.BadLine(
            "there is no exercise \""
                + row.exerciseTitle()
                + "\" in your course, or more than one");
      }
      return new EntryFields(
          f.day(),
          f.time(),
          id,
          f.topic(),
          f.drawings(),
          f.minutes(),
          f.source(),
          f.medium(),
          f.resource(),
          f.book(),
          f.pageFrom(),
          f.pageTo(),
          f.mark(),
          f.wentWrong(),
          f.nextTime(),
          f.note(),
          f.poses());
    }

    private void check(EntryFields fields) throws EntryCsv.BadLine {
      var violations = validator.validate(fields);
      if (!violations.isEmpty()) {
        var first = violations.iterator().next();
        throw new EntryCsv.BadLine(
            first.getPropertyPath()
                + " "
                + first.getMessage()
                + ", was \""
                + first.getInvalidValue()
                + "\"");
      }
      entries.check(fields);
    }

    /** Lines without an id get the same one each time the same file is read. */
    private UUID madeUp(EntryFields fields) {
      int occurrence = seen.merge(fields, 1, Integer::sum);
      return UUID.nameUUIDFromBytes((fields + "#" + occurrence).getBytes(StandardCharsets.UTF_8));
    }

    private ImportReport report(boolean apply) {
      markExisting(entries.existing(wanted.keySet()));
      int refused = count(ImportReport.Outcome.REFUSE);
      boolean applied = apply && refused == 0;
      if (applied) {
        entries.createAll(wanted);
      }
      return new ImportReport(
          applied,
          count(ImportReport.Outcome.ADD),
          count(ImportReport.Outcome.SKIP),
          refused,
          lines);
    }

    private void markExisting(Map<UUID, EntryFields> existing) {
      existing.forEach(
          (id, stored) -> {
            int place = places.get(id);
            var line = lines.get(place);
            boolean same = stored.equals(wanted.get(id));
            lines.set(
                place,
                new ImportReport.Line(
                    line.number(),
                    same ? ImportReport.Outcome.SKIP : ImportReport.Outcome.REFUSE,
                    same
                        ? "already there"
                        : "an entry with this id is there with other contents; change it on its page",
                    line.summary()));
            wanted.remove(id);
          });
    }

    private int count(ImportReport.Outcome outcome) {
      return (int) lines.stream().filter(l -> l.outcome() == outcome).count();
    }
  }
}
