package humblequill.core.day.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A piece of a line that can mean several things, or nothing known.
 *
 * @param options the readings, the likeliest first
 */
record Ask(List<Option> options) {
  /**
   * One reading.
   *
   * @param label as shown
   * @param text what to write instead of the piece, so that the line says it
   * @param as what it makes of the piece, where that is the question
   */
  record Option(String label, String text, Optional<Phrase.Field> as) {
    static Option of(String text) {
      return new Option(text, text, Optional.empty());
    }

    static Option as(Phrase.Field field, String label, String text) {
      return new Option(label, text, Optional.of(field));
    }
  }

  Ask {
    options = List.copyOf(options);
  }

  /** Readings of a number that stands between two whole ones. */
  static List<Option> wholes(Phrase.Field field, double value, int least, int most, String text) {
    var options = new ArrayList<Option>();
    for (double whole : new double[] {Math.floor(value), Math.ceil(value)}) {
      if (whole >= least && whole <= most) {
        var option = Option.as(field, Integer.toString((int) whole), text.formatted((int) whole));
        if (!options.contains(option)) {
          options.add(option);
        }
      }
    }
    return options;
  }
}
