package humblequill.server.topic.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.topic.recall.Judging;
import humblequill.core.topic.recall.Pin;
import humblequill.core.topic.recall.Plate;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Plates that ship: names that are never taken for one another, pins where they belong. */
class ShippedPlatesTest {
  private static final ShippedPlates SHIPPED = new ShippedPlates();
  private static final Set<Pin> ALL =
      SHIPPED.plates().stream()
          .flatMap(p -> p.plate().pins().stream())
          .collect(Collectors.toCollection(LinkedHashSet::new));
  private static final Judging JUDGING =
      new Judging(ALL.stream().flatMap(p -> p.right().stream()).toList());

  private Plate plate(String id) {
    return SHIPPED.plates().stream()
        .map(ShownPlate::plate)
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private Pin pin(String plate, String id) {
    return plate(plate).pins().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }

  /** All pairs of all wordings of all plates. */
  @Test
  void no_name_is_accepted_for_another() {
    for (var asked : ALL) {
      for (var other : ALL) {
        for (var said : other.right()) {
          if (!asked.right().contains(said)) {
            assertThat(JUDGING.judge(said, asked.right()))
                .as("%s for %s", said, asked.name())
                .isEqualTo(Judging.Verdict.WRONG);
          }
        }
      }
    }
  }

  /** Every letter of every long word left out in turn, where that is not as near to another. */
  @Test
  void one_slip_in_a_long_enough_word_is_forgiven() {
    int tried = 0;
    for (var asked : ALL) {
      var name = asked.name();
      for (int at = 0; at < name.length() && name.indexOf(' ') < 0; at++) {
        var said = name.substring(0, at) + name.substring(at + 1);
        var near = oneSlipFrom(said);
        boolean elsewhere =
            ALL.stream()
                .flatMap(p -> p.right().stream())
                .anyMatch(n -> !asked.right().contains(n) && near.test(n));
        if (name.length() >= 5 && !elsewhere) {
          tried++;
          assertThat(JUDGING.judge(said, asked.right()))
              .as("%s for %s", said, name)
              .isNotEqualTo(Judging.Verdict.WRONG);
        }
      }
    }
    assertThat(tried).isGreaterThan(150);
  }

  /** What is a word, or that word with one letter put in, left out or changed. */
  private static Predicate<String> oneSlipFrom(String said) {
    var pattern = new StringBuilder();
    for (int at = 0; at <= said.length(); at++) {
      var before = Pattern.quote(said.substring(0, at));
      pattern.append(before).append('.').append(Pattern.quote(said.substring(at))).append('|');
      if (at < said.length()) {
        pattern
            .append(before)
            .append(".?")
            .append(Pattern.quote(said.substring(at + 1)))
            .append('|');
      }
    }
    return Pattern.compile(pattern + Pattern.quote(said), Pattern.CASE_INSENSITIVE)
        .asMatchPredicate();
  }

  /**
   * Facts of anatomy: common practice, no published source. On the skeleton the pins lie on the
   * figure's left side, which is the picture's right.
   */
  @Test
  void pins_lie_where_anatomy_has_them() {
    var middle = pin("skeleton-front", "sternum").x();
    assertThat(pin("skeleton-front", "radius").x())
        .as("palms to the front, the radius lies outside, on the thumb's side")
        .isGreaterThan(pin("skeleton-front", "ulna").x());
    assertThat(pin("skeleton-front", "fibula").x())
        .as("the fibula lies outside of the tibia")
        .isGreaterThan(pin("skeleton-front", "tibia").x());
    assertThat(pin("skeleton-front", "tibia").x()).isGreaterThan(middle);
    assertThat(pin("hand", "radius").x())
        .as("thumb to the right, and the radius with it")
        .isGreaterThan(pin("hand", "ulna").x());
    assertThat(pin("hand", "scaphoid").x())
        .as("first row from the thumb: scaphoid, lunate, triquetrum")
        .isGreaterThan(pin("hand", "lunate").x());
    assertThat(pin("hand", "lunate").x()).isGreaterThan(pin("hand", "triquetrum").x());
    assertThat(pin("hand", "trapezium").x())
        .as("second row: trapezium, trapezoid, capitate, hamate")
        .isGreaterThan(pin("hand", "trapezoid").x());
    assertThat(pin("hand", "trapezoid").x()).isGreaterThan(pin("hand", "capitate").x());
    assertThat(pin("hand", "capitate").x()).isGreaterThan(pin("hand", "hamate").x());
    assertThat(pin("foot", "medial-cuneiform").x())
        .as("toes up, a right foot's big toe lies left")
        .isLessThan(pin("foot", "cuboid").x());
    assertThat(pin("foot", "calcaneus").y()).isGreaterThan(pin("foot", "talus").y());
    assertThat(pin("boat", "bow").x()).isLessThan(pin("boat", "stern").x());
    assertThat(pin("boat", "keel").y()).isGreaterThan(pin("boat", "waterline").y());
  }

  /** The eyes lie halfway down the head: common practice, no published source. */
  @Test
  void a_head_is_halved_by_its_eyes() {
    double crown = pin("head", "crown").y();
    double chin = pin("head", "chin").y();
    assertThat((pin("head", "eyes").y() - crown) / (chin - crown)).isBetween(0.49, 0.52);
  }

  /** Eight bones of the wrist, seven of the ankle: an adult skeleton has 206 bones in all. */
  @Test
  void wrist_and_ankle_have_all_their_bones() {
    var wrist =
        Set.of(
            "scaphoid",
            "lunate",
            "triquetrum",
            "pisiform",
            "trapezium",
            "trapezoid",
            "capitate",
            "hamate");
    assertThat(plate("hand").pins().stream().map(Pin::id)).containsAll(wrist);
    var ankle =
        Set.of(
            "calcaneus",
            "talus",
            "navicular",
            "cuboid",
            "medial-cuneiform",
            "intermediate-cuneiform",
            "lateral-cuneiform");
    assertThat(plate("foot").pins().stream().map(Pin::id)).containsAll(ankle);
  }

  /**
   * Each line are wordings of one part of the body in WordNet 3.0 (Princeton University, 2006);
   * left out are wordings that mean something else as well, and "navicular" of the wrist, which is
   * a bone of the foot here.
   */
  @Test
  void wordings_of_a_dictionary_are_right_where_one_of_them_is() throws IOException {
    try (var in = getClass().getResourceAsStream("/recall-synonyms.txt")) {
      for (var line : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList()) {
        var wordings = List.of(line.split("; "));
        var pins = ALL.stream().filter(p -> wordings.stream().anyMatch(says(p))).toList();
        assertThat(pins).as(line).isNotEmpty();
        assertThat(pins)
            .allSatisfy(
                p ->
                    assertThat(wordings)
                        .allSatisfy(
                            w ->
                                assertThat(JUDGING.judge(w, p.right()))
                                    .as("%s for %s", w, p.name())
                                    .isEqualTo(Judging.Verdict.RIGHT)));
      }
    }
  }

  private static Predicate<String> says(Pin pin) {
    return wording -> pin.right().stream().anyMatch(wording::equalsIgnoreCase);
  }

  /** Of one thing there is one name, whichever plate shows it. */
  @Test
  void a_latin_name_has_the_same_common_name_on_every_plate() {
    var names = new HashMap<String, String>();
    for (var pin : ALL) {
      if (!pin.latin().isEmpty() && !"os pubis".equals(pin.latin())) {
        assertThat(pin.name())
            .as(pin.latin())
            .isEqualTo(names.computeIfAbsent(pin.latin(), l -> pin.name()));
      }
    }
  }

  /**
   * Heights as shares of stature: Drillis and Contini 1966, "Body segment parameters", as reprinted
   * in Winter, "Biomechanics and motor control of human movement".
   */
  @ParameterizedTest
  @CsvSource({
    "eyes, 0.936",
    "chin, 0.870",
    "shoulders, 0.818",
    "elbow, 0.630",
    "hip-joint, 0.530",
    "wrist, 0.485",
    "fingertips, 0.377",
    "knee, 0.285",
    "ankle, 0.039"
  })
  void a_figure_has_the_heights_that_were_measured(String pin, double height) {
    double crown = pin("figure", "crown").y();
    double sole = pin("figure", "sole").y();
    assertThat((sole - pin("figure", pin).y()) / (sole - crown)).isCloseTo(height, within(0.002));
  }

  /** The same heights, by bones next to them, on skeletons from 1.8 to 98.7 % of the picture. */
  @ParameterizedTest
  @ValueSource(strings = {"skeleton-front", "skeleton-side"})
  void a_skeleton_has_the_heights_that_were_measured(String id) {
    double crown = 19.0 / 1040;
    double stature = 1007.0 / 1040;
    assertThat(1 - (pin(id, "patella").y() - crown) / stature).isCloseTo(0.285, within(0.01));
    assertThat(1 - (pin(id, "mandible").y() - crown) / stature).isBetween(0.870, 0.90);
    double humerus = 1 - (pin(id, "humerus").y() - crown) / stature;
    assertThat(humerus).as("between shoulder and elbow").isBetween(0.630, 0.818);
    double forearm = 1 - (pin(id, "radius").y() - crown) / stature;
    assertThat(forearm).as("between elbow and wrist").isBetween(0.485, 0.630);
  }

  /** Facts of anatomy: common practice, no published source. */
  @Test
  void muscles_and_the_spine_lie_where_anatomy_has_them() {
    assertThat(pin("muscles-back", "gluteus-medius").y())
        .as("the middle one lies above the largest")
        .isLessThan(pin("muscles-back", "gluteus-maximus").y());
    assertThat(pin("muscles-back", "soleus").y())
        .as("the soleus comes out below the gastrocnemius")
        .isGreaterThan(pin("muscles-back", "gastrocnemius").y());
    assertThat(pin("muscles-back", "biceps-femoris").x())
        .as("behind the thigh the biceps lies outside")
        .isGreaterThan(pin("muscles-back", "semitendinosus").x());
    assertThat(pin("muscles-front", "vastus-medialis").y())
        .as("the inner one reaches further down")
        .isGreaterThan(pin("muscles-front", "vastus-lateralis").y());
    assertThat(pin("muscles-front", "fibularis-longus").x())
        .as("along the fibula, outside")
        .isGreaterThan(pin("muscles-front", "tibialis-anterior").x());
    for (var id : List.of("skeleton-back", "skeleton-side")) {
      assertThat(
              Stream.of("cervical", "thoracic", "lumbar", "sacrum", "coccyx")
                  .map(part -> pin(id, part).y()))
          .as(id)
          .isSorted();
    }
    assertThat(pin("skeleton-side", "lumbar").x())
        .as("facing left, the loin bends forward, the chest backward")
        .isLessThan(pin("skeleton-side", "thoracic").x());
    assertThat(pin("skeleton-side", "patella").x()).isLessThan(pin("skeleton-side", "femur").x());
    assertThat(pin("skeleton-side", "metatarsals").x())
        .isLessThan(pin("skeleton-side", "calcaneus").x());
  }
}
