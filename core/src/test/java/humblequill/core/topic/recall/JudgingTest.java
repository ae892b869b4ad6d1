package humblequill.core.topic.recall;

import static humblequill.core.topic.recall.Judging.Verdict.RIGHT;
import static humblequill.core.topic.recall.Judging.Verdict.SLIP;
import static humblequill.core.topic.recall.Judging.Verdict.WRONG;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names are judged kindly, and never one for another. */
class JudgingTest {
  private static final Judging JUDGING =
      new Judging(
          List.of(
              "ilium",
              "ileum",
              "adductor",
              "abductor",
              "keel",
              "heel",
              "clavicle",
              "collarbone",
              "left scapula",
              "right scapula",
              "gluteus maximus",
              "gluteus medius",
              "Rippenbögen"));

  private static Judging.Verdict judge(String answer, String... right) {
    return JUDGING.judge(answer, List.of(right));
  }

  @ParameterizedTest
  @CsvSource({"ileum,ilium", "abductor,adductor", "heel,keel", "gluteus medius,gluteus maximus"})
  void another_name_is_no_slip(String answer, String right) {
    assertThat(judge(answer, right)).isEqualTo(WRONG);
    assertThat(judge(right, answer)).isEqualTo(WRONG);
  }

  @ParameterizedTest
  @CsvSource({
    "clavicel,clavicle,SLIP",
    "clavicl,clavicle,SLIP",
    "claviccle,clavicle,SLIP",
    "clabicle,clavicle,SLIP",
    "clavilce,clavicle,SLIP",
    "clvaicel,clavicle,WRONG",
    "CLAVICLE,clavicle,RIGHT",
    "' clavicle  ',clavicle,RIGHT",
    "Rippenbogen,Rippenbögen,RIGHT",
    "kel,keel,WRONG",
    "aductor,adductor,WRONG",
    "right scapula,left scapula,WRONG",
    "lefft scapula,left scapula,WRONG",
    "left scapola,left scapula,SLIP",
    "'',clavicle,WRONG"
  })
  void one_slip_in_a_long_enough_word_is_forgiven(
      String answer, String right, Judging.Verdict verdict) {
    assertThat(judge(answer, right)).isEqualTo(verdict);
  }

  @Test
  void other_wordings_are_right_as_well() {
    assertThat(judge("collarbone", "clavicle", "collarbone")).isEqualTo(RIGHT);
    assertThat(judge("collarbonne", "clavicle", "collarbone")).isEqualTo(SLIP);
  }

  /** After the definition: kitten to sitting has three; an exchange is one. */
  @ParameterizedTest
  @CsvSource({"kitten,sitting,3", "ab,ba,1", "ca,abc,3", "'',abc,3", "same,same,0"})
  void slips_are_counted(String a, String b, int slips) {
    assertThat(Slip.distance(a, b)).isEqualTo(slips);
    assertThat(Slip.distance(b, a)).isEqualTo(slips);
  }

  private static Pin pin(String id, String name, double x) {
    return new Pin(id, name, "", List.of(), x, 0.5, Pin.REACH);
  }

  @Test
  void a_plate_has_pins_with_names_of_their_own_within_its_picture() {
    assertThatThrownBy(() -> new Plate("p", "P", List.of(), 1, List.of()))
        .hasMessageContaining("topic.noPin");
    assertThatThrownBy(
            () ->
                new Plate(
                    "p", "P", List.of(), 1, List.of(pin("a", "Keel", .1), pin("b", "keel", .2))))
        .hasMessageContaining("topic.rightForTwo");
    assertThatThrownBy(() -> pin("a", "keel", 1.2)).hasMessageContaining("topic.pinOutside");
    var synonym = new Pin("b", "rail", "", List.of("KEEL "), 0.5, 0.5, 0.05);
    assertThatThrownBy(
            () -> new Plate("p", "P", List.of(), 1, List.of(pin("a", "keel", .1), synonym)))
        .as("what is right for one is a synonym of the other")
        .hasMessageContaining("topic.rightForTwo");
    assertThatThrownBy(
            () ->
                new Plate(
                    "p", "P", List.of(), 1, List.of(pin("a", "keel", .1), pin("a", "bow", .2))))
        .hasMessageContaining("topic.pinIdTwice");
    assertThatThrownBy(() -> new Plate("p", " ", List.of(), 1, List.of(pin("a", "keel", .1))))
        .hasMessageContaining("topic.titleLength");
    assertThatThrownBy(() -> new Plate("p", "P", List.of(), 0, List.of(pin("a", "keel", .1))))
        .hasMessageContaining("topic.pictureTooLong");
    assertThatThrownBy(() -> pin("a", "k".repeat(300), .1)).hasMessageContaining("length=300");
    for (var unsayable : List.of(" ", "…", "?!")) {
      assertThatThrownBy(() -> pin("a", unsayable, .1))
          .hasMessageContaining("topic.pinWithoutLetter");
    }
    assertThatThrownBy(() -> new Pin("a", "keel", "", List.of(), 0, 0, 5))
        .hasMessageContaining("topic.reachWithin");
  }

  @Test
  void an_order_has_steps_that_can_be_told_apart() {
    assertThatThrownBy(() -> new StepOrder("o", "O", List.of(), List.of("box", "Box")))
        .hasMessageContaining("topic.stepTwice");
    assertThatThrownBy(() -> new StepOrder("o", "O", List.of(), List.of("box", " ")))
        .hasMessageContaining("topic.stepLength most=200");
    assertThatThrownBy(() -> new StepOrder("o", "", List.of(), List.of("box", "keel")))
        .hasMessageContaining("topic.titleLength");
    var nine = java.util.Collections.nCopies(9, "hulls");
    assertThatThrownBy(() -> new StepOrder("o", "O", nine, List.of("box", "keel")))
        .hasMessageContaining("topic.tooManyTopics most=8");
  }

  @Test
  void a_pin_is_right_where_it_is_near_enough_in_both_directions() {
    var pin = new Pin("a", "keel", "", List.of(), 0.5, 0.5, 0.05);
    assertThat(pin.isAt(0.54, 0.5, 1)).isTrue();
    assertThat(pin.isAt(0.56, 0.5, 1)).isFalse();
    assertThat(pin.isAt(0.59, 0.5, 0.5)).as("half as wide as high").isTrue();
    assertThat(pin.isAt(0.5, 0.56, 0.5)).isFalse();
  }
}
