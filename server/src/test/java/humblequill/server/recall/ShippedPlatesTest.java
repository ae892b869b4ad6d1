package humblequill.server.recall;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.recall.Judging;
import humblequill.core.recall.Pin;
import humblequill.core.recall.Plate;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Plates that ship: names that are never taken for one another, pins where they belong. */
class ShippedPlatesTest {
  private final ShippedPlates shipped = new ShippedPlates();

  private Plate plate(String id) {
    return shipped.plate(id).orElseThrow().plate();
  }

  private Pin pin(String plate, String id) {
    return plate(plate).pins().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }

  private Set<Pin> all() {
    var all = new LinkedHashSet<Pin>();
    shipped.plates().forEach(p -> all.addAll(p.plate().pins()));
    return all;
  }

  /** All pairs of all wordings of all plates. */
  @Test
  void no_name_is_accepted_for_another() {
    for (var asked : all()) {
      for (var other : all()) {
        for (var said : other.right()) {
          if (!asked.right().contains(said)) {
            assertThat(shipped.judging().judge(said, asked.right()))
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
    for (var asked : all()) {
      var name = asked.name();
      for (int at = 0; at < name.length() && name.indexOf(' ') < 0; at++) {
        var said = name.substring(0, at) + name.substring(at + 1);
        boolean elsewhere =
            all().stream()
                .flatMap(p -> p.right().stream())
                .anyMatch(n -> !asked.right().contains(n) && oneSlip(said, n));
        if (name.length() >= 5 && !elsewhere) {
          tried++;
          assertThat(shipped.judging().judge(said, asked.right()))
              .as("%s for %s", said, name)
              .isNotEqualTo(Judging.Verdict.WRONG);
        }
      }
    }
    assertThat(tried).isGreaterThan(150);
  }

  /** Whether a word is another with one letter put in, left out or changed. */
  private static boolean oneSlip(String said, String name) {
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
    return Pattern.matches(pattern + Pattern.quote(said), name.toLowerCase(Locale.ROOT));
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
}
