package humblequill.server.bench;

import humblequill.core.bench.Compared;
import humblequill.server.bench.Comparisons.HeldComparison;
import humblequill.server.ground.data.SpreadsheetCell;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;

/** Figures of all comparisons, a line for each part, see docs/formats/comparisons.md. */
final class ComparisonCsv {
  private static final CSVFormat FORMAT = CSVFormat.RFC4180;
  private static final String[] COLUMNS = {
    "day",
    "comparison",
    "title",
    "template",
    "way",
    "part",
    "length",
    "true_tilt",
    "drawn_tilt",
    "off"
  };

  private ComparisonCsv() {}

  static String of(List<HeldComparison> all) {
    var out = new StringBuilder();
    try {
      var printer = FORMAT.print(out);
      printer.printRecord((Object[]) COLUMNS);
      for (var held : all) {
        for (var part : held.compared().map(Compared::parts).orElse(List.of())) {
          var fields = held.kept().fields();
          printer.printRecord(
              held.kept().day(),
              held.kept().id(),
              SpreadsheetCell.written(fields.title()),
              SpreadsheetCell.written(fields.template()),
              fields.way().name().toLowerCase(Locale.ROOT),
              SpreadsheetCell.written(part.part().name()),
              figure(part.ratio()),
              figure(part.tilt()),
              figure(part.drawnTilt()),
              figure(part.off()));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, "%.4f", value);
  }
}
