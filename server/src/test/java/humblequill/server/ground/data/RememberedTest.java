package humblequill.server.ground.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class RememberedTest {
  private final AtomicInteger stored = new AtomicInteger(1);
  private final Remembered<Integer> remembered = new Remembered<>("a number", () -> {});

  @BeforeEach
  void begin() {
    TransactionSynchronizationManager.initSynchronization();
  }

  @AfterEach
  void end() {
    TransactionSynchronizationManager.clear();
  }

  private int read() {
    return remembered.get(stored::get);
  }

  private static void complete(int status) {
    TransactionSynchronizationManager.getSynchronizations().forEach(s -> s.afterCompletion(status));
  }

  @Test
  void what_was_read_is_held() {
    assertThat(read()).isEqualTo(1);
    stored.set(2);
    assertThat(read()).isEqualTo(1);
  }

  @Test
  void a_running_change_is_seen_and_not_held_so_that_a_roll_back_is_seen_too() {
    read();
    remembered.changed();
    stored.set(2);
    assertThat(read()).isEqualTo(2);
    stored.set(1);
    complete(TransactionSynchronization.STATUS_ROLLED_BACK);
    assertThat(read()).isEqualTo(1);
  }

  @Test
  void what_was_read_before_a_commit_is_not_held_after_it() {
    int late =
        remembered.get(
            () -> {
              int old = stored.get();
              remembered.changed();
              stored.set(2);
              complete(TransactionSynchronization.STATUS_COMMITTED);
              return old;
            });
    assertThat(late).isEqualTo(1);
    assertThat(read()).isEqualTo(2);
  }

  @Test
  void what_was_written_between_two_readings_is_read_again_once_and_nothing_else() {
    read();
    for (var key : List.of("one", "two")) {
      remembered.changed(Set.of(key));
      complete(TransactionSynchronization.STATUS_COMMITTED);
      TransactionSynchronizationManager.clear();
      begin();
    }
    var again = new ArrayList<Set<Object>>();
    for (int i = 0; i < 2; i++) {
      remembered.get(
          stored::get,
          (old, keys) -> {
            again.add(keys);
            return old;
          });
    }
    assertThat(again).containsExactly(Set.of("one", "two"));
  }
}
