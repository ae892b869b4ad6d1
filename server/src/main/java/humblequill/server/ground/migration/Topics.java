package humblequill.server.ground.migration;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;

/** Topics of the taxonomy: the learner's own, where there is one, else the one that ships. */
final class Topics {
  private Topics() {}

  /** Gives every topic of the learner's own taxonomy its identity. */
  static void rewrite(Connection connection) throws SQLException {
    Rows.rewrite(connection, "topics", "document", Topics::withIds);
  }

  private static JsonNode withIds(JsonNode old) {
    var document = Rows.object();
    var areas = document.putArray("areas");
    for (var area : old.path("areas")) {
      var written = areas.addObject();
      for (var field : List.of("name", "simple", "grouped", "detailed")) {
        written.put(field, Rows.text(area, field));
      }
      var topics = written.putArray("topics");
      for (var topic : area.path("topics")) {
        var line = topics.addObject();
        line.put("id", Name.given(NameKind.TOPIC, Rows.text(topic, "name")).toString());
        line.put("name", Rows.text(topic, "name"));
        line.set("needs", topic.path("needs"));
        line.set("alsoCalled", topic.path("alsoCalled"));
      }
    }
    return document;
  }

  /** The topics as names. */
  static List<Name> names(Connection connection) throws SQLException {
    var names = new ArrayList<Name>();
    for (var area : taxonomy(connection).path("areas")) {
      for (var topic : area.path("topics")) {
        var text = Rows.text(topic, "name");
        names.add(
            new Name(
                Name.given(NameKind.TOPIC, text),
                NameKind.TOPIC,
                text,
                topic.path("alsoCalled").valueStream().map(JsonNode::asString).toList(),
                Set.of(),
                Optional.empty()));
      }
    }
    return names;
  }

  private static JsonNode taxonomy(Connection connection) throws SQLException {
    try (var rows = connection.createStatement().executeQuery("select document from topics")) {
      if (rows.next()) {
        return Rows.yaml(rows.getString(1));
      }
      return Rows.yaml(
          new ClassPathResource("topics.yaml").getContentAsString(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
