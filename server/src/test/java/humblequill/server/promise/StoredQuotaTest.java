package humblequill.server.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.Golden;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** Terms of promises are read and written as databases out there hold them. */
class StoredQuotaTest {
  private static final String STORED = Golden.document("quota");

  @Test
  void nothing_is_lost_by_reading_and_writing() {
    var later = (ObjectNode) Golden.tree(STORED);
    later.putNull("insists");
    assertThat(Golden.tree(StoredQuota.read(STORED).written())).isEqualTo(later);
  }

  @Test
  void names_are_known_by_their_identity() {
    assertThat(StoredQuota.read(STORED).names()).hasSize(2);
  }

  @Test
  void taken_again_the_last_day_keeps_its_distance() {
    var dated = STORED.replace("\"due\":null", "\"due\":\"2026-03-01\"");
    var again = StoredQuota.read(dated).from(LocalDate.parse("2026-04-20"));
    assertThat(again.due()).isEqualTo("2026-04-29");
    assertThat(again.start()).isEqualTo("2026-04-20");
  }
}
