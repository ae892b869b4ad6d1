package humblequill.server.ground.message;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.tools.ToolProvider;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Messages and their catalogues go together: a code that no catalogue has, an argument that is not
 * given or has another name, and a message that nothing says any more are found in the sources.
 */
class MessagesTest {
  private static final Path CATALOGUES = Path.of("src/main/resources/words");

  private static final Map<String, Set<String>> NAMED = new TreeMap<>();
  private static final List<Said> SAID = new ArrayList<>();
  private static final Set<String> LITERALS = new TreeSet<>();

  private record Said(String code, Set<String> arguments, String where) {}

  @BeforeAll
  static void read() throws IOException {
    try (var rooms = Files.list(CATALOGUES)) {
      for (var room : rooms.toList()) {
        var messages = JsonMapper.builder().build().readTree(room.resolve("en.json").toFile());
        for (var message : messages.properties()) {
          NAMED.put(room.getFileName() + "." + message.getKey(), named(message.getValue()));
        }
      }
    }
    sources();
  }

  private static Set<String> named(JsonNode told) {
    var text = told.isString() ? told.asString() : told.path("message").asString();
    var pattern = new MessagePattern(text);
    var names = new TreeSet<String>();
    for (int i = 0; i < pattern.countParts(); i++) {
      if (pattern.getPartType(i) == MessagePattern.Part.Type.ARG_NAME) {
        names.add(pattern.getSubstring(pattern.getPart(i)));
      }
    }
    return names;
  }

  private static void sources() throws IOException {
    var compiler = ToolProvider.getSystemJavaCompiler();
    try (var files = compiler.getStandardFileManager(null, null, null)) {
      var all = Stream.of("../core/src/main/java", "src/main/java").flatMap(MessagesTest::java);
      var task =
          (JavacTask)
              compiler.getTask(
                  null,
                  files,
                  found -> {},
                  null,
                  null,
                  files.getJavaFileObjectsFromPaths(all.toList()));
      for (var unit : task.parse()) {
        new TreeScanner<Void, Void>() {
          @Override
          public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
            var code =
                call.getMethodSelect().toString().equals("Message.of") ? literal(call, 0) : null;
            if (code != null) {
              var names = new TreeSet<String>();
              for (int i = 1; i < call.getArguments().size(); i += 2) {
                names.add(Objects.requireNonNull(literal(call, i)));
              }
              SAID.add(new Said(code, names, unit.getSourceFile().getName()));
            }
            return super.visitMethodInvocation(call, nothing);
          }

          @Override
          public Void visitLiteral(LiteralTree literal, Void nothing) {
            if (literal.getValue() instanceof String text) {
              LITERALS.add(text);
            }
            return null;
          }
        }.scan(unit, null);
      }
    }
  }

  private static @Nullable String literal(MethodInvocationTree call, int at) {
    return call.getArguments().get(at) instanceof LiteralTree l
            && l.getValue() instanceof String text
        ? text
        : null;
  }

  private static Stream<Path> java(String folder) {
    try (var files = Files.walk(Path.of(folder))) {
      return files.filter(f -> f.toString().endsWith(".java")).toList().stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void what_is_said_stands_in_a_catalogue_with_the_same_arguments() {
    assertThat(SAID).hasSizeGreaterThan(250);
    assertThat(SAID)
        .allSatisfy(s -> assertThat(s.arguments()).as("%s", s).isEqualTo(NAMED.get(s.code())));
  }

  @Test
  void each_message_of_a_catalogue_is_said_somewhere() {
    assertThat(NAMED.keySet()).isSubsetOf(LITERALS);
  }
}
