package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.demo.DemoBooks;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.persister.entity.AbstractEntityPersister;
import org.hibernate.persister.entity.EntityPersister;
import org.junit.jupiter.api.Test;
import org.springframework.aop.framework.AopProxyUtils;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.GenericTypeResolver;
import org.springframework.data.repository.Repository;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.orm.jpa.EntityManagerFactoryUtils;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A database that the landed version of schema 20 wrote opens and tells what was kept in it: the
 * demo's learner, recorded with that version. Only what was written is compared, not what is
 * reckoned from it. A later version of the schema is added beside it by a run with
 * quill.landed.write=true.
 */
class LandedNewestTest {
  private static final Path FOLDER = Path.of("src/test/resources/landed");
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final List<String> KEPT =
      List.of(
          "/api/export",
          "/api/names",
          "/api/settings",
          "/api/appointments",
          "/api/piece-templates",
          "/api/prompt-pages",
          "/api/sittings/settings",
          "/api/bench/templates",
          "/api/rankings",
          "/api/what-for/goals",
          "/api/what-for/open-ends");

  @Test
  void what_was_written_is_told() throws Exception {
    if (Boolean.getBoolean("quill.landed.write")) {
      write();
    }
    var folder = RunningQuill.temporaryFolder();
    var script = folder.resolve("landed.sql");
    Files.writeString(script, unpacked("v20.sql.gz"));
    try (var connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("quill"), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("runscript from '" + script + "'");
    }
    try (var quill = RunningQuill.start(folder)) {
      var told = JSON.readTree(unpacked("v20-kept.json.gz"));
      var differences = new ArrayList<String>();
      told.properties()
          .forEach(
              e -> {
                if (!asNow(e.getKey(), e.getValue().asString()).equals(told(quill, e.getKey()))) {
                  differences.add(e.getKey());
                }
              });
      assertThat(told.size()).isEqualTo(KEPT.size() + histories(quill).size());
      assertThat(differences).isEmpty();
      everyWriteIsSeen(quill);
    }
  }

  /** Each entity that something is cached of is written once, and that is taken back. */
  private static void everyWriteIsSeen(ConfigurableApplicationContext quill) throws IOException {
    var memory = quill.getBean(Memory.class);
    var sessions = quill.getBean(EntityManagerFactory.class);
    var transaction = quill.getBean(TransactionTemplate.class);
    var unseen = new ArrayList<String>();
    var unwritten = new TreeSet<String>();
    rowsWhereThereAreNone(quill.getBean(JdbcTemplate.class), entities(sessions));
    for (var entity : memory.readFrom()) {
      transaction.executeWithoutResult(
          status -> {
            var session = EntityManagerFactoryUtils.getTransactionalEntityManager(sessions);
            var query = "select e from " + entity.getSimpleName() + " e";
            var rows = session.createQuery(query, entity).setMaxResults(1).getResultList();
            status.setRollbackOnly();
            if (rows.isEmpty()) {
              unwritten.add(entity.getSimpleName());
              return;
            }
            session.remove(rows.get(0));
            session.flush();
            memory.cachesOf(entity).stream()
                .filter(cache -> !TransactionSynchronizationManager.hasResource(cache))
                .forEach(cache -> unseen.add(entity.getSimpleName() + ": " + cache));
          });
    }
    assertThat(unseen).isEmpty();
    assertThat(undeclared(quill, memory)).isEmpty();
    assertThat(unwritten).as("entities without a row").isEmpty();
  }

  private static List<EntityPersister> entities(EntityManagerFactory sessions) {
    var entities = new ArrayList<EntityPersister>();
    sessions
        .unwrap(SessionFactoryImplementor.class)
        .getMappingMetamodel()
        .forEachEntityDescriptor(entities::add);
    return entities;
  }

  /** The made-up rows of this version, in tables that the demo leaves empty. */
  private static void rowsWhereThereAreNone(JdbcTemplate database, List<EntityPersister> entities)
      throws IOException {
    database.execute("set referential_integrity false");
    for (var insert : Files.readAllLines(Path.of("src/test/resources/rows/v20.sql"))) {
      var table = insert.split(" ")[2];
      if (database.queryForObject("select count(*) from " + table, Integer.class) == 0) {
        database.execute(insert);
        entities.stream()
            .filter(e -> e.getMappedTableDetails().getTableName().equalsIgnoreCase(table))
            .forEach(e -> wordsOfKinds(database, e));
      }
    }
  }

  /** A made-up text is no word of a kind. */
  private static void wordsOfKinds(JdbcTemplate database, EntityPersister entity) {
    for (var property : entity.getPropertyNames()) {
      var type = entity.getPropertyType(property).getReturnedClass();
      if (type.isEnum()) {
        var column = ((AbstractEntityPersister) entity).getPropertyColumnNames(property)[0];
        database.update(
            "update " + entity.getMappedTableDetails().getTableName() + " set " + column + " = ?",
            type.getEnumConstants()[0].toString());
      }
    }
  }

  /** Repositories that stand beside a cache in one class, and which it was not declared to read. */
  private static List<String> undeclared(ConfigurableApplicationContext quill, Memory memory) {
    var undeclared = new ArrayList<String>();
    for (var name : quill.getBeanDefinitionNames()) {
      var bean = AopProxyUtils.ultimateTargetClass(quill.getBean(name));
      boolean caches =
          Stream.of(bean.getDeclaredFields()).anyMatch(f -> f.getType() == Remembered.class);
      if (caches) {
        for (var type : bean.getDeclaredConstructors()[0].getParameterTypes()) {
          var entity = GenericTypeResolver.resolveTypeArguments(type, Repository.class);
          if (entity != null && memory.cachesOf(entity[0]).isEmpty()) {
            undeclared.add(bean.getSimpleName() + " reads " + entity[0].getSimpleName());
          }
        }
      }
    }
    return undeclared;
  }

  private static String told(ConfigurableApplicationContext quill, String address) {
    var body = new Api(port(quill)).get(address).body();
    return asNow(address, body);
  }

  private static String asNow(String address, String body) {
    return address.equals("/api/export") ? body : sorted(JSON.readTree(body)).toString();
  }

  private static int port(ConfigurableApplicationContext quill) {
    return quill.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
  }

  /**
   * Fields in the order of their names. A reason that someone wrote is the same as a text and as a
   * message; none is the same as an empty one.
   */
  private static JsonNode sorted(JsonNode node) {
    if (node.isArray()) {
      var array = JSON.createArrayNode();
      node.forEach(n -> array.add(sorted(n)));
      return array;
    }
    if (LandedAnswers.isWritten(node)) {
      return JSON.getNodeFactory().stringNode(LandedAnswers.written(node));
    }
    if (!node.isObject()) {
      return node;
    }
    var fields = new TreeMap<String, JsonNode>();
    node.properties().forEach(e -> fields.put(e.getKey(), sorted(e.getValue())));
    if (fields.containsKey("reason") && fields.get("reason").asString("").isEmpty()) {
      fields.remove("reason");
    }
    ObjectNode object = JSON.createObjectNode();
    fields.forEach(object::set);
    return object;
  }

  private static List<String> histories(ConfigurableApplicationContext quill) {
    return new Api(port(quill))
        .get("/api/course").json().findValuesAsString("placement").stream()
            .distinct()
            .map(id -> "/api/course/" + id + "/history")
            .toList();
  }

  private static void write() throws Exception {
    var folder = RunningQuill.temporaryFolder();
    var kept = JSON.createObjectNode();
    try (var quill = RunningQuill.start(folder, "--quill.demo=true", "--quill.demo.pictures=0")) {
      quill.getBean(DemoBooks.class).await();
      for (var address : KEPT) {
        kept.put(address, told(quill, address));
      }
      for (var address : histories(quill)) {
        kept.put(address, told(quill, address));
      }
    }
    var script = folder.resolve("script.sql");
    try (var connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("quill"), "sa", "");
        var statement = connection.createStatement()) {
      statement.execute("script nosettings to '" + script + "'");
    }
    pack("v20.sql.gz", Files.readString(script));
    pack("v20-kept.json.gz", kept.toString());
  }

  private static void pack(String name, String text) throws IOException {
    try (var zip = new GZIPOutputStream(Files.newOutputStream(FOLDER.resolve(name)))) {
      zip.write(text.getBytes(StandardCharsets.UTF_8));
    }
  }

  private static String unpacked(String name) throws IOException {
    try (var zip = new GZIPInputStream(Files.newInputStream(FOLDER.resolve(name)))) {
      return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
