package humblequill.server.day.exchange;

import humblequill.core.course.Exercise;
import humblequill.core.day.entry.Entry;
import humblequill.core.ground.message.Message;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.edge.Fault;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes entries out and reads them back in. */
@Service
class ExchangeService {
  private static final int MOST_LINES = 50_000;
  private static final int MOST_TOLD = 2_000;

  /** Of unknown columns; a file that is no list of entries may have very many. */
  private static final int MOST_NAMED = 5;

  private final EntryService entries;
  private final PlacementService placements;
  private final Validator validator;

  ExchangeService(EntryService entries, PlacementService placements, Validator validator) {
    this.entries = entries;
    this.placements = placements;
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
  ImportReport read(InputStream file, boolean apply) {
    var reading = new Reading(titles());
    try {
      EntryCsv.records(file, reading::take);
    } catch (CharacterCodingException e) {
      throw Refusal.badValue("file", "", Message.of("day.fileNotText"));
    } catch (CSVException e) {
      throw Refusal.badValue("file", "", Message.of("day.quotingBroken", "why", Message.why(e)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    if (reading.columns == null) {
      throw Refusal.badValue("file", "", Message.of("day.fileEmpty"));
    }
    return reading.report(apply);
  }

  private static List<String> columns(CSVRecord heading) {
    var columns =
        heading.stream().map(name -> name.replace("\ufeff", "")).map(String::strip).toList();
    var unknown = columns.stream().filter(c -> !EntryCsv.COLUMNS.contains(c)).toList();
    if (!unknown.isEmpty()) {
      throw Refusal.badValue(
          "file",
          unknown,
          Message.of(
              "day.unknownColumns",
              "count",
              unknown.size(),
              "unknown",
              unknown.stream()
                  .limit(MOST_NAMED)
                  .map(column -> '"' + column + '"')
                  .collect(Collectors.joining(", ")),
              "more",
              unknown.size() > MOST_NAMED,
              "columns",
              String.join(", ", EntryCsv.COLUMNS)));
    }
    if (!columns.contains("day") || new HashSet<>(columns).size() < columns.size()) {
      throw Refusal.badValue("file", columns, Message.of("day.columnsOnce"));
    }
    return columns;
  }

  private static long linesIn(CSVRecord record) {
    return 1 + record.stream().mapToLong(cell -> cell.chars().filter(c -> c == '\n').count()).sum();
  }

  private Map<String, String> titles() {
    return placements.followed().stream()
        .flatMap(c -> c.placement().weeks().stream())
        .flatMap(w -> w.week().exercises().stream())
        .collect(Collectors.toMap(Exercise::title, Exercise::id, (a, b) -> ""));
  }

  /** A line that may be added. */
  private record Candidate(EntryCsv.Row row, EntryFields fields, int place) {}

  /** The lines of one file as they are decided. */
  private final class Reading {
    private final Map<String, String> idsByTitle;
    private final List<ImportReport.Line> lines = new ArrayList<>();
    private final List<Candidate> candidates = new ArrayList<>();
    private final Map<UUID, EntryFields> wanted = new LinkedHashMap<>();
    private final Map<UUID, Integer> places = new HashMap<>();
    private @Nullable List<String> columns;
    private long line = 1;

    private Reading(Map<String, String> idsByTitle) {
      this.idsByTitle = idsByTitle;
    }

    private void take(CSVRecord record) {
      if (columns == null) {
        columns = columns(record);
      } else {
        read(record, columns, line);
      }
      line += linesIn(record);
    }

    private void read(CSVRecord record, List<String> columns, long number) {
      if (record.size() == 1 && record.get(0).isBlank()) {
        return;
      }
      if (lines.size() == MOST_LINES) {
        throw Refusal.badValue("file", "", Message.of("day.fileTooLong"));
      }
      var summary =
          record.stream()
              .limit(10)
              .filter(c -> !c.isBlank() && c.length() < 36)
              .collect(Collectors.joining(" · "));
      try {
        if (record.size() != columns.size()) {
          throw new EntryCsv.BadLine(
              Message.of("day.unevenRow", "fields", record.size(), "columns", columns.size()));
        }
        var cells = new HashMap<String, String>();
        for (int i = 0; i < columns.size(); i++) {
          cells.put(columns.get(i), record.get(i));
        }
        var row = EntryCsv.row(cells);
        var fields = withExercise(row);
        check(fields);
        candidates.add(new Candidate(row, fields, lines.size()));
        lines.add(new ImportReport.Line(number, ImportReport.Outcome.ADD, null, summary));
      } catch (EntryCsv.BadLine | Refusal e) {
        lines.add(
            new ImportReport.Line(number, ImportReport.Outcome.REFUSE, Message.why(e), summary));
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
            Message.of("day.exerciseNotFound", "exercise", row.exerciseTitle()));
      }
      return f.ofExercise(id);
    }

    private void check(EntryFields fields) throws EntryCsv.BadLine {
      var violations = validator.validate(fields);
      if (!violations.isEmpty()) {
        var first = violations.iterator().next();
        throw new EntryCsv.BadLine(
            Message.of(
                "day.fieldRefused",
                "field",
                first.getPropertyPath(),
                "why",
                Fault.rule(first),
                "value",
                first.getInvalidValue()));
      }
      entries.check(fields);
    }

    private ImportReport report(boolean apply) {
      withIds();
      withoutIds();
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
          told());
    }

    /** Of a long file those that are refused, and as many others as are looked at. */
    private List<ImportReport.Line> told() {
      if (lines.size() <= MOST_TOLD) {
        return lines;
      }
      return lines.stream()
          .sorted(
              Comparator.comparing(
                  (ImportReport.Line line) -> line.outcome() != ImportReport.Outcome.REFUSE))
          .limit(MOST_TOLD)
          .sorted(Comparator.comparingLong(ImportReport.Line::number))
          .toList();
    }

    private void withIds() {
      for (var candidate : candidates) {
        if (candidate.row().id() != null) {
          want(candidate.row().id(), candidate);
        }
      }
    }

    private void want(UUID id, Candidate candidate) {
      if (wanted.containsKey(id)) {
        long first = lines.get(places.get(id)).number();
        decide(
            candidate.place(),
            ImportReport.Outcome.REFUSE,
            Message.of("day.idInLine", "id", id, "line", first));
        return;
      }
      wanted.put(id, candidate.fields());
      places.put(id, candidate.place());
    }

    /** A line without an id that equals an entry is that entry, whoever wrote it. */
    private void withoutIds() {
      var open = candidates.stream().filter(c -> c.row().id() == null).toList();
      var stored = stored(open);
      var occurrences = new HashMap<String, Integer>();
      var ids = new HashMap<Candidate, MadeUpIds>();
      for (var candidate : open) {
        var key = MadeUpIds.contents(candidate.row());
        int occurrence = occurrences.merge(key, 1, Integer::sum);
        ids.put(candidate, new MadeUpIds(candidate.row(), candidate.fields(), occurrence));
      }
      var known =
          entries
              .existing(
                  ids.values().stream()
                      .flatMap(all -> all.all().stream())
                      .collect(Collectors.toSet()))
              .keySet();
      for (var candidate : open) {
        var entry = entries.inPresentNames(candidate.fields());
        int left = stored.getOrDefault(entry, 0);
        if (left > 0) {
          stored.put(entry, left - 1);
          decide(candidate.place(), ImportReport.Outcome.SKIP, Message.of("day.alreadyThere"));
        } else {
          want(ids.get(candidate).knownOrFresh(known), candidate);
        }
      }
    }

    /** How many stored entries say the same, by what they say. */
    private Map<Entry, Integer> stored(List<Candidate> open) {
      var days = open.stream().map(c -> c.fields().day()).collect(Collectors.toSet());
      var taken = wanted.keySet();
      var counts = new HashMap<Entry, Integer>();
      entries.on(days).stream()
          .filter(e -> !taken.contains(e.id()))
          .forEach(e -> counts.merge(entries.inPresentNames(e.fields()), 1, Integer::sum));
      return counts;
    }

    private void decide(int place, ImportReport.Outcome outcome, Message reason) {
      var line = lines.get(place);
      lines.set(place, new ImportReport.Line(line.number(), outcome, reason, line.summary()));
    }

    private void markExisting(Map<UUID, EntryFields> existing) {
      existing.forEach(
          (id, stored) -> {
            boolean same = entries.same(stored, Objects.requireNonNull(wanted.get(id)));
            decide(
                places.get(id),
                same ? ImportReport.Outcome.SKIP : ImportReport.Outcome.REFUSE,
                same ? Message.of("day.alreadyThere") : Message.of("day.otherContents"));
            wanted.remove(id);
          });
    }

    private int count(ImportReport.Outcome outcome) {
      return (int) lines.stream().filter(l -> l.outcome() == outcome).count();
    }
  }
}
