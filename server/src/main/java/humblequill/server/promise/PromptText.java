package humblequill.server.promise;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/** Reads prompts from text: one a line, or the first column of CSV. */
final class PromptText {
  private static final int LONGEST = 400;

  private PromptText() {}

  static List<String> read(String text) {
    boolean quoted = text.contains("\"");
    var prompts = new ArrayList<String>();
    try (var parser =
        CSVFormat.RFC4180
            .builder()
            .setIgnoreEmptyLines(true)
            .get()
            .parse(new StringReader(quoted ? text : ""))) {
      var lines = quoted ? parser.stream().map(r -> r.get(0)).toList() : text.lines().toList();
      for (var line : lines) {
        var words = line.strip();
        if (words.length() > LONGEST) {
          throw Refusal.badValue(
              "text",
              words.substring(0, 40),
              Message.of(
                  "promise.promptTooLong",
                  "most",
                  LONGEST,
                  "begin",
                  words.substring(0, 40),
                  "length",
                  words.length()));
        }
        if (!words.isEmpty()) {
          prompts.add(words);
        }
      }
    } catch (IOException | UncheckedIOException e) {
      throw Refusal.badValue("text", "", Message.of("promise.quoteOpen"));
    }
    if (prompts.size() > Prompts.MOST) {
      throw Refusal.badValue(
          "text",
          prompts.size(),
          Message.of("promise.promptsRead", "most", Prompts.MOST, "prompts", prompts.size()));
    }
    return prompts;
  }
}
