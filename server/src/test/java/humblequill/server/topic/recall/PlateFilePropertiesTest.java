package humblequill.server.topic.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.message.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Files of plates and drawings that nobody wrote by hand. */
class PlateFilePropertiesTest {
  private static final int TRIES = 200;
  private static final List<String> ODD =
      List.of(
          "a: b",
          "- x",
          "\"",
          "'",
          "#",
          "ä é 骨",
          "yes",
          "~",
          "1e3",
          "0x10",
          "{}",
          "multi word",
          "\\n",
          "|");

  private static ObjectNode plate(Random random) {
    var file = JsonNodeFactory.instance.objectNode().put("format", 1).put("title", word(random));
    file.put("ratio", 0.05 + random.nextDouble() * 10);
    file.put("note", word(random));
    file.putArray("topics").add(word(random));
    file.putObject("of my own").put(word(random), random.nextLong());
    var pins = file.putArray("pins");
    for (int i = 0; i <= random.nextInt(12); i++) {
      var pin = pins.addObject().put("id", "p" + i).put("name", "name " + i + " " + word(random));
      pin.put("x", random.nextDouble()).put("y", random.nextDouble());
      pin.put("my colour", word(random));
      pin.putArray("others").add("other " + i);
    }
    return file;
  }

  private static String word(Random random) {
    return ODD.get(random.nextInt(ODD.size()));
  }

  @Test
  void a_file_that_is_written_and_read_says_the_same_with_all_that_is_not_of_the_format() {
    var random = new Random(16);
    for (int i = 0; i < TRIES; i++) {
      var file = plate(random);
      var again = PlateFile.tree(PlateFile.yaml(file));
      assertThat(again).as(PlateFile.yaml(file)).isEqualTo(file);
      assertThat(PlateFile.plate("x", again)).isEqualTo(PlateFile.plate("x", file));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "title, '\"title\" needs 1 to 120'",
    "ratio, '\"Ratio\" is a number'",
    "pins, 'A plate needs a pin'"
  })
  void a_field_that_is_left_out_is_named(String field, String says) {
    var file = plate(new Random(3));
    file.remove(field);
    assertThatThrownBy(() -> PlateFile.plate("x", file))
        .isInstanceOf(Refusal.class)
        .extracting(e -> Words.say(Message.why(e)))
        .asString()
        .containsIgnoringCase(says);
  }

  @ParameterizedTest
  @ValueSource(strings = {"id", "name", "x", "y"})
  void a_pin_without_a_field_is_refused(String field) {
    var file = plate(new Random(4));
    ((ObjectNode) file.path("pins").get(0)).remove(field);
    assertThatThrownBy(() -> PlateFile.plate("x", file))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining(field);
  }

  /** A drawing of random shapes and things that run; what stays is only of the shapes. */
  @Test
  void a_cleaned_drawing_is_clean_and_cleaning_it_again_changes_nothing() {
    var random = new Random(17);
    for (int i = 0; i < TRIES; i++) {
      var text =
          "<svg xmlns='http://www.w3.org/2000/svg' xmlns:x='urn:x' viewBox='0 0 9 7'>"
              + inside(random, 4)
              + "</svg>";
      var clean = CleanSvg.of(text);
      assertThat(clean.svg())
          .as(text)
          .doesNotContain("script", "onload", "href", "image", "foreign", "urn:x", "evil");
      var again = CleanSvg.of(clean.svg());
      assertThat(again.svg()).isEqualTo(clean.svg());
      assertThat(again.leftOut()).isEmpty();
      assertThat(count(clean.svg(), "<path"))
          .as("every line stays")
          .isEqualTo(count(text, "<path"));
    }
  }

  private static String inside(Random random, int deep) {
    var parts = new ArrayList<String>();
    for (int i = 0; i < random.nextInt(4); i++) {
      var within = deep == 0 ? "" : inside(random, deep - 1);
      parts.add(
          switch (random.nextInt(6)) {
            case 0 -> "<g onload='evil()' fill='none'>" + within + "</g>";
            case 1 -> "<path d='M0 0' style='fill:red'/>";
            case 2 -> "<script>evil</script>";
            case 3 -> "<image href='evil'/>";
            case 4 -> "<text x:evil='1'>a</text>";
            default -> "<g><title>b</title>" + within + "</g>";
          });
    }
    return String.join("", parts);
  }

  private static int count(String text, String what) {
    return (text.length() - text.replace(what, "").length()) / what.length();
  }
}
