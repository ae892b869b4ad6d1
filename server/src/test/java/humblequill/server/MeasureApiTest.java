package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Measuring helps, over HTTP. */
@ExtendWith(RunningQuill.class)
class MeasureApiTest {
  @ParameterizedTest
  @CsvSource({
    "grid?width=10&height=15&paper=Z9&margin=10&columns=4, \"Z9\" is no size",
    "grid?width=10&height=15&paper=A4&margin=110&columns=4, The margins leave nothing",
    "grid?width=1&height=900&paper=A4&margin=10&columns=4, more than 60 squares",
    "triangulation?base=10&first=95&second=90, The two lines never meet",
    "grid?width=0&height=15&paper=A4&margin=10&columns=4, width"
  })
  void what_cannot_be_is_named(String asked, String sentence, Api api) {
    var answer = api.get("/api/measure/" + asked);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("detail").asString()).contains(sentence);
  }

  /** Edges that meet at (6.4, 3.2) and (−6.4, 3.2), worked out by hand. */
  @Test
  void the_eye_level_lies_where_edges_meet(Api api) {
    var edges = "0,0,-4,2,0,4,-4,3.5,0,0,4,2,0,4,4,3.5";
    var found = api.get("/api/measure/eye-level?edges=" + edges).json();
    assertThat(found.path("right").path("x").asDouble()).isCloseTo(6.4, within(1e-9));
    assertThat(found.path("degrees").asDouble()).isCloseTo(0, within(1e-9));
  }
}
