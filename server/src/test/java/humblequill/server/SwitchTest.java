package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CaseTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.IdentifierTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/**
 * A switch on one of our own kinds names each of them, so that a new one cannot be forgotten. The
 * compiler sees to it for expressions without a default; it does not refuse the default, nor a
 * statement that leaves kinds out. The sources are only parsed: a switch is taken to be on those of
 * our enums that have all of its labels.
 */
class SwitchTest {
  private static final Path ROOT = Path.of("..");

  @Test
  void a_switch_on_our_own_kinds_names_each_of_them() throws IOException {
    assertThat(found(sources("core/src/main/java", "server/src/main/java"))).isEmpty();
  }

  @Test
  void a_default_and_a_kind_left_out_are_found() throws IOException {
    var folder = Files.createTempDirectory("switches");
    var made = folder.resolve("Made.java");
    Files.writeString(
        made,
        """
        package humblequill.made;
        class Made {
          enum Kind { ONE, TWO }
          static int withDefault(Kind kind) {
            return switch (kind) { case ONE -> 1; default -> 2; };
          }
          static void leftOut(Kind kind) {
            switch (kind) { case ONE -> System.out.println(); }
          }
          static void whole(Kind kind) {
            switch (kind) { case ONE, TWO -> System.out.println(); }
          }
          static int ofAnother(Thread.State state) {
            switch (state) { case NEW -> System.out.println(); }
            return switch (state) { case NEW -> 1; default -> 2; };
          }
        }
        """);
    assertThat(found(List.of(made)))
        .containsExactly(
            "Made.java:5: a default beside [ONE]",
            "Made.java:8: only [ONE]",
            "Made.java:14: no default");
    Files.delete(made);
    Files.delete(folder);
  }

  private static List<Path> sources(String... folders) throws IOException {
    var all = new ArrayList<Path>();
    for (var folder : folders) {
      try (Stream<Path> files = Files.walk(ROOT.resolve(folder))) {
        files.filter(f -> f.toString().endsWith(".java")).forEach(all::add);
      }
    }
    return all;
  }

  private static List<String> found(List<Path> sources) {
    var compiler = ToolProvider.getSystemJavaCompiler();
    try (var files = compiler.getStandardFileManager(null, null, null)) {
      var task =
          (JavacTask)
              compiler.getTask(
                  null, files, null, null, null, files.getJavaFileObjectsFromPaths(sources));
      var enums = new Enums();
      var units = new ArrayList<CompilationUnitTree>();
      task.parse().forEach(units::add);
      units.forEach(unit -> enums.scan(unit, null));
      var switches = new Switches(Trees.instance(task).getSourcePositions(), enums.constants);
      units.forEach(unit -> switches.scan(unit, unit));
      return switches.found;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The names of the constants of each enum. */
  private static final class Enums extends TreeScanner<Void, Void> {
    private final List<Set<String>> constants = new ArrayList<>();

    @Override
    public Void visitClass(ClassTree node, Void nothing) {
      if (node.getKind() == Tree.Kind.ENUM) {
        constants.add(
            node.getMembers().stream()
                .filter(VariableTree.class::isInstance)
                .map(VariableTree.class::cast)
                .filter(v -> v.getType().toString().equals(node.getSimpleName().toString()))
                .map(v -> v.getName().toString())
                .collect(Collectors.toSet()));
      }
      return super.visitClass(node, nothing);
    }
  }

  private static final class Switches extends TreeScanner<Void, CompilationUnitTree> {
    private final SourcePositions positions;
    private final List<Set<String>> enums;
    private final List<String> found = new ArrayList<>();

    private Switches(SourcePositions positions, List<Set<String>> enums) {
      this.positions = positions;
      this.enums = enums;
    }

    @Override
    public Void visitSwitch(SwitchTree node, CompilationUnitTree unit) {
      look(node, node.getCases(), unit);
      if (!isOurs(labels(node.getCases())) && !hasDefault(node.getCases())) {
        found.add(place(node, unit) + "no default");
      }
      return super.visitSwitch(node, unit);
    }

    @Override
    public Void visitSwitchExpression(SwitchExpressionTree node, CompilationUnitTree unit) {
      look(node, node.getCases(), unit);
      return super.visitSwitchExpression(node, unit);
    }

    private void look(Tree node, List<? extends CaseTree> cases, CompilationUnitTree unit) {
      var labels = labels(cases);
      if (!isOurs(labels)) {
        return;
      }
      if (hasDefault(cases)) {
        found.add(place(node, unit) + "a default beside " + labels);
      } else if (!enums.contains(labels)) {
        found.add(place(node, unit) + "only " + labels);
      }
    }

    private boolean isOurs(Set<String> labels) {
      return !labels.isEmpty() && enums.stream().anyMatch(e -> e.containsAll(labels));
    }

    private static Set<String> labels(List<? extends CaseTree> cases) {
      return cases.stream()
          .flatMap(c -> c.getExpressions().stream())
          .map(e -> e instanceof IdentifierTree name ? name.getName().toString() : "no name")
          .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static boolean hasDefault(List<? extends CaseTree> cases) {
      return cases.stream().anyMatch(c -> c.getExpressions().isEmpty());
    }

    private String place(Tree node, CompilationUnitTree unit) {
      long line = unit.getLineMap().getLineNumber(positions.getStartPosition(unit, node));
      return Path.of(unit.getSourceFile().getName()).getFileName() + ":" + line + ": ";
    }
  }
}
