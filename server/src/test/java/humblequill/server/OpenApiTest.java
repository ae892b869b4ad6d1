package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningQuill.class)
class OpenApiTest {
  private static final JsonMapper PRETTY =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
          .build();

  /**
   * After a change on purpose: run the test with {@code -Dquill.api.write=true}, look at the
   * difference, commit it.
   */
  @Test
  void the_committed_document_is_what_the_server_answers(Api api) throws IOException {
    var tree = (ObjectNode) api.get("/v3/api-docs").json();
    tree.remove("servers");
    ((ObjectNode) tree.get("info")).put("title", "Humble Quill").put("version", "1");
    var generated = PRETTY.writeValueAsString(PRETTY.treeToValue(tree, Object.class)) + "\n";
    var committed = Path.of("..", "docs", "api", "openapi.json");
    if (Boolean.getBoolean("quill.api.write")) {
      Files.writeString(committed, generated);
    }
    assertThat(generated).isEqualTo(Files.readString(committed));
  }
}
