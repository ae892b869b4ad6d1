package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.server.ground.data.NotKept;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A disk that fails at each write and each forcing in turn, and a folder that goes away. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FailingDiskTest {
  /**
   * Calls of each kind that fail in turn, over as many writes as it takes to come to them; more in
   * {@code ./quill bench faults}.
   */
  private static final int CALLS = Integer.getInteger("quill.faults.calls", 6);

  private final Path folder = RunningQuill.temporaryFolder();
  private ConfigurableApplicationContext context;
  private final List<String> acknowledged = new ArrayList<>();

  @BeforeAll
  void start() {
    FailingPath.register();
    FailingPath.heal();
    context = RunningQuill.start(folder, "--spring.datasource.url=" + url());
  }

  @AfterEach
  void heal() {
    FailingPath.heal();
  }

  @AfterAll
  void stop() {
    context.close();
  }

  private String url() {
    return "jdbc:h2:failing:" + folder.resolve("quill") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
  }

  private Api api() {
    return RunningQuill.api(context);
  }

  private Api.Answer write() {
    var id = UUID.randomUUID().toString();
    var fields =
        Map.of("day", "2026-03-05", "drawings", 1, "wentWrong", "", "nextTime", "", "note", "boat");
    var answer = api().post("/api/entries", Map.of("id", id, "fields", fields));
    if (answer.status() == 201) {
      acknowledged.add(id);
    }
    return answer;
  }

  private void allAcknowledgedAreThere() {
    for (var id : acknowledged) {
      assertThat(api().get("/api/entries/" + id).status()).isEqualTo(200);
    }
  }

  @Test
  void whichever_call_fails_nothing_acknowledged_is_lost_and_it_goes_on_without_a_restart() {
    var refused = eachCallFails();
    allAcknowledgedAreThere();
    assertThat(refused.get(FailingPath.Call.FORCE))
        .as("writes that the disk refused")
        .isGreaterThanOrEqualTo(CALLS);
    context.close();
    start();
    allAcknowledgedAreThere();
    System.out.println(
        "Failing calls: each of %d of a kind in turn; refused %s; acknowledged %d, lost 0"
            .formatted(CALLS, refused, acknowledged.size()));
  }

  /** A copy works on several connections at once, also while the database is read anew. */
  @Test
  void copies_that_are_made_meanwhile_stand_in_nobodys_way() {
    var ended = new AtomicBoolean();
    var copies =
        CompletableFuture.runAsync(
            () -> {
              while (!ended.get()) {
                makeACopy();
              }
            });
    eachCallFails();
    ended.set(true);
    copies.join();
    assertThat(makeACopy().json().path("trouble").isNull()).isTrue();
    allAcknowledgedAreThere();
  }

  private Api.Answer makeACopy() {
    return api().post("/api/copies", Map.of());
  }

  /** How many writes the disk refused, by what failed. */
  private Map<FailingPath.Call, Integer> eachCallFails() {
    var refused = new EnumMap<FailingPath.Call, Integer>(FailingPath.Call.class);
    for (var call : FailingPath.Call.values()) {
      for (int after = 0; after < CALLS; after++) {
        FailingPath.failOnce(call, after);
        for (int tries = 0; !FailingPath.hasFailed() && tries <= CALLS; tries++) {
          var answer = write();
          assertThat(answer.status()).isIn(201, 503);
          if (answer.status() == 503) {
            refused.merge(call, 1, Integer::sum);
            assertThat(answer.json().path("code").asString()).isEqualTo("disk-fails");
            assertThat(answer.body()).doesNotContain("h2").doesNotContain("Exception");
          }
        }
        assertThat(FailingPath.hasFailed()).as("call %d of %s came", after, call).isTrue();
        FailingPath.heal();
        assertThat(api().get("/api/today").status()).isEqualTo(200);
        assertThat(write().status()).isEqualTo(201);
      }
    }
    return refused;
  }

  @Test
  void a_disk_that_refuses_everything_can_be_read_and_takes_writes_again_when_it_is_well() {
    write();
    FailingPath.failAlways();
    for (int i = 0; i < 3; i++) {
      assertThat(write().status()).isEqualTo(503);
      assertThat(api().get("/api/today").status()).isEqualTo(200);
      allAcknowledgedAreThere();
    }
    FailingPath.heal();
    assertThat(write().status()).isEqualTo(201);
    allAcknowledgedAreThere();
  }

  /** What the database does when a write fails that nobody waits for. */
  @Test
  void a_database_that_closed_its_file_in_the_background_is_read_and_written_on() throws Exception {
    write();
    for (int i = 0; i < 3; i++) {
      closeTheFile();
      assertThat(api().get("/api/today").status()).isEqualTo(200);
      allAcknowledgedAreThere();
      closeTheFile();
      assertThat(write().status()).isEqualTo(201);
    }
  }

  /** Whoever asked to read is then answered anew; only a write was perhaps not kept. */
  @Test
  void a_reading_that_meets_the_closing_at_its_end_is_no_write_that_failed() {
    write();
    var reading = new TransactionTemplate(context.getBean(PlatformTransactionManager.class));
    reading.setReadOnly(true);
    var entries = context.getBean(JdbcTemplate.class);
    assertThatThrownBy(
            () ->
                reading.executeWithoutResult(
                    status -> {
                      entries.queryForObject("select count(*) from entry", Integer.class);
                      entries.execute("shutdown immediately");
                    }))
        .isNotInstanceOf(NotKept.class);
    assertThat(api().get("/api/today").status()).isEqualTo(200);
    allAcknowledgedAreThere();
  }

  private void closeTheFile() throws SQLException {
    try (var connection = context.getBean(DataSource.class).getConnection()) {
      var session = (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
      session.getDatabase().getStore().getMvStore().closeImmediately();
    }
  }

  @Test
  void a_folder_that_goes_away_takes_no_writes_until_it_is_back() throws IOException {
    write();
    var away = folder.resolveSibling("away-" + folder.getFileName());
    Files.move(folder, away);
    var refused = write();
    assertThat(refused.status()).isEqualTo(503);
    assertThat(refused.json().path("code").asString()).isEqualTo("folder-gone");
    assertThat(refused.json().path("detail").asString())
        .contains(folder.toString())
        .contains("not there any more");
    Files.move(away, folder);
    assertThat(write().status()).isEqualTo(201);
  }

  /** As a tool does that brings an older state of the folder from elsewhere. */
  @Test
  void a_database_file_that_was_replaced_takes_no_writes() throws IOException {
    write();
    var file = folder.resolve("quill.mv.db");
    var other = folder.resolve("other");
    Files.move(file, other);
    Files.copy(other, file);
    assertThat(write().json().path("code").asString()).isEqualTo("folder-gone");
    Files.move(other, file, StandardCopyOption.REPLACE_EXISTING);
    assertThat(write().status()).isEqualTo(201);
  }
}
