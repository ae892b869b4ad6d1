package humblequill.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ReferencesNeededTest {
  @Test
  void what_is_missing_is_what_was_not_gathered() {
    assertThat(new ReferencesNeeded(26, 15, 11).missing()).isEqualTo(11);
    assertThat(new ReferencesNeeded(26, 40, 3).missing()).isZero();
  }
}
