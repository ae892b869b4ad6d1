package humblequill.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructor;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.junit.ArchTests;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shape described in docs/architecture.md. */
@AnalyzeClasses(packages = "humblequill", importOptions = ImportOption.DoNotIncludeTests.class)
class ShapeTest {
  /** What each package of the rules stands on. Packages that stand on none are left out. */
  private static final Map<String, Set<String>> RULES =
      Map.ofEntries(
          Map.entry("day.entry", Set.of("ground.name")),
          Map.entry(
              "bench", Set.of("sitting.cabinet", "ground.name", "book.picture", "ground.stats")),
          Map.entry("bench.measure", Set.of("book.picture")),
          Map.entry(
              "lookback",
              Set.of(
                  "ground.calendar",
                  "course",
                  "topic.coverage",
                  "day.entry",
                  "ground.name",
                  "course.placement",
                  "course.plan",
                  "promise",
                  "ground.stats",
                  "day.streak")),
          Map.entry(
              "topic.coverage",
              Set.of(
                  "ground.calendar",
                  "course",
                  "day.entry",
                  "course.placement",
                  "promise",
                  "ground.stats",
                  "topic")),
          Map.entry("topic", Set.of("ground.name")),
          Map.entry(
              "shelf",
              Set.of("book", "ground.calendar", "course", "day.entry", "course.placement")),
          Map.entry(
              "course.syllabus",
              Set.of(
                  "ground.calendar",
                  "course",
                  "topic.coverage",
                  "day.entry",
                  "day.logline",
                  "promise",
                  "ground.stats",
                  "topic")),
          Map.entry("book", Set.of("day.entry", "promise", "ground.stats")),
          Map.entry("day.care", Set.of("day.entry", "ground.name")),
          Map.entry("book.picture", Set.of("book")),
          Map.entry("book.piece", Set.of("day.entry")),
          Map.entry("topic.recall", Set.of("day.entry")),
          Map.entry("course", Set.of("day.entry", "ground.name", "topic")),
          Map.entry("day.logline", Set.of("day.entry", "ground.name")),
          Map.entry("sitting", Set.of("day.entry", "ground.name", "ground.stats")),
          Map.entry("day.streak", Set.of("ground.calendar", "day.entry")),
          Map.entry("course.placement", Set.of("course", "day.entry", "ground.name")),
          Map.entry(
              "course.plan",
              Set.of("ground.calendar", "course", "day.entry", "course.placement", "topic")),
          Map.entry(
              "promise",
              Set.of(
                  "ground.calendar",
                  "course",
                  "day.entry",
                  "ground.name",
                  "course.placement",
                  "course.plan",
                  "ground.stats")));

  /**
   * What each section of the application stands on, besides data, edge and messages, which hold no
   * rules.
   */
  private static final Map<String, Set<String>> SECTIONS =
      Map.ofEntries(
          Map.entry("ground.backup", Set.of("ground.migration", "ground.settings")),
          Map.entry("topic", Set.of("ground.name")),
          Map.entry("book.picture", Set.of("ground.settings")),
          Map.entry("book.rule", Set.of("ground.name")),
          Map.entry("book.piece", Set.of("day.entry", "ground.name")),
          Map.entry("sitting.reference", Set.of("book.picture")),
          Map.entry(
              "bench",
              Set.of("book", "day.entry", "book.picture", "sitting.reference", "ground.settings")),
          Map.entry(
              "lookback",
              Set.of(
                  "bench",
                  "book",
                  "course",
                  "topic.coverage",
                  "day.entry",
                  "book.picture",
                  "course.placement",
                  "course.plan",
                  "ground.name",
                  "topic.recall",
                  "promise",
                  "ground.settings",
                  "shelf",
                  "sitting",
                  "day.streak")),
          Map.entry("topic.recall", Set.of("ground.name", "book.picture", "ground.settings")),
          Map.entry(
              "lookback.whatfor",
              Set.of(
                  "book",
                  "day.entry",
                  "book.picture",
                  "book.piece",
                  "course.placement",
                  "promise",
                  "sitting.reference",
                  "ground.settings",
                  "shelf")),
          Map.entry(
              "book",
              Set.of("day.entry", "ground.name", "book.picture", "book.rule", "ground.settings")),
          Map.entry("course", Set.of("ground.settings", "topic")),
          Map.entry("course.placement", Set.of("course", "ground.name")),
          Map.entry("day.entry", Set.of("ground.name", "course.placement", "ground.settings")),
          Map.entry(
              "day.logline",
              Set.of(
                  "book",
                  "day.entry",
                  "ground.name",
                  "course.placement",
                  "promise",
                  "ground.settings")),
          Map.entry("day.exchange", Set.of("day.entry", "course.placement")),
          Map.entry(
              "lookback.search",
              Set.of("book", "day.entry", "day.logline", "course.placement", "lookback")),
          Map.entry("day.streak", Set.of("day.entry", "ground.settings")),
          Map.entry("course.appointment", Set.of("day.entry", "ground.name", "ground.settings")),
          Map.entry(
              "course.plan",
              Set.of(
                  "course.appointment",
                  "course",
                  "day.entry",
                  "course.placement",
                  "ground.settings",
                  "topic")),
          Map.entry("course.feed", Set.of("course.plan", "ground.settings", "shelf")),
          Map.entry(
              "shelf", Set.of("day.entry", "ground.name", "course.placement", "ground.settings")),
          Map.entry(
              "promise",
              Set.of(
                  "day.entry",
                  "ground.name",
                  "course.placement",
                  "course.plan",
                  "book.rule",
                  "ground.settings")),
          Map.entry(
              "topic.coverage",
              Set.of(
                  "day.entry",
                  "ground.name",
                  "course.placement",
                  "promise",
                  "ground.settings",
                  "shelf",
                  "topic")),
          Map.entry(
              "sitting",
              Set.of(
                  "topic.coverage",
                  "day.entry",
                  "ground.name",
                  "promise",
                  "sitting.reference",
                  "ground.settings")),
          Map.entry(
              "day",
              Set.of(
                  "ground.backup",
                  "book",
                  "topic.coverage",
                  "day.entry",
                  "ground.name",
                  "book.piece",
                  "course.placement",
                  "course.plan",
                  "promise",
                  "book.rule",
                  "ground.settings",
                  "sitting",
                  "day.streak")),
          Map.entry(
              "course.syllabus",
              Set.of("day.entry", "day.logline", "ground.name", "ground.settings", "topic")),
          Map.entry("day.turn", Set.of("course.plan", "ground.settings", "sitting")),
          Map.entry(
              "demo",
              Set.of(
                  "bench",
                  "book",
                  "topic.coverage",
                  "day.entry",
                  "ground.name",
                  "book.picture",
                  "book.piece",
                  "course.placement",
                  "promise",
                  "topic.recall",
                  "lookback",
                  "ground.settings",
                  "shelf",
                  "sitting",
                  "lookback.whatfor")));

  private static final Path ARCHITECTURE = Path.of("../docs/architecture.md");
  private static final Pattern DRAWING = Pattern.compile("```mermaid\n(.*?)```", Pattern.DOTALL);
  private static final Set<String> FOUNDATIONS =
      Set.of("ground.data", "ground.edge", "ground.message");

  @ArchTest static final ArchTests NAMES = ArchTests.in(ApiNames.class);

  @ArchTest
  static void packages_of_the_rules_stand_on_those_they_may(JavaClasses all) {
    assertThat(besideFoundations(arrows(all, "humblequill.core."))).isEqualTo(sorted(RULES));
  }

  @ArchTest
  static void sections_stand_on_those_they_may(JavaClasses all) {
    assertThat(besideFoundations(arrows(all, "humblequill.server."))).isEqualTo(sorted(SECTIONS));
  }

  private static Map<String, Set<String>> besideFoundations(Map<String, Set<String>> arrows) {
    FOUNDATIONS.forEach(arrows::remove);
    arrows.values().forEach(targets -> targets.removeAll(FOUNDATIONS));
    arrows.values().removeIf(Set::isEmpty);
    return arrows;
  }

  /** The drawing in docs/architecture.md is made by a run with -Dquill.rooms.write=true. */
  @ArchTest
  static void the_drawing_shows_the_arrows_between_rooms(JavaClasses all) throws IOException {
    var lines = new StringBuilder("graph LR\n");
    for (var part : List.of("core", "server")) {
      lines.append("  subgraph ").append(part).append('\n');
      rooms(arrows(all, "humblequill." + part + "."))
          .forEach(
              (from, targets) ->
                  targets.forEach(
                      to -> lines.append("    %s.%s --> %s.%s%n".formatted(part, from, part, to))));
      lines.append("  end\n");
    }
    var text = Files.readString(ARCHITECTURE);
    var drawn = DRAWING.matcher(text);
    assertThat(drawn.find()).isTrue();
    if (Boolean.getBoolean("quill.rooms.write")) {
      Files.writeString(
          ARCHITECTURE, text.substring(0, drawn.start(1)) + lines + text.substring(drawn.end(1)));
    } else {
      assertThat(drawn.group(1)).isEqualTo(lines.toString());
    }
  }

  /** Arrows between rooms; all stand on the ground, and the demo on all. */
  private static Map<String, Set<String>> rooms(Map<String, Set<String>> arrows) {
    var rooms = new TreeMap<String, Set<String>>();
    arrows.forEach(
        (from, targets) ->
            targets.forEach(
                to -> {
                  var one = from.split("\\.")[0];
                  var other = to.split("\\.")[0];
                  if (!one.equals(other) && !other.equals("ground") && !one.equals("demo")) {
                    rooms.computeIfAbsent(one, r -> new TreeSet<>()).add(other);
                  }
                }));
    return rooms;
  }

  private static Map<String, Set<String>> sorted(Map<String, Set<String>> arrows) {
    var sorted = new TreeMap<String, Set<String>>();
    arrows.forEach((from, to) -> sorted.put(from, new TreeSet<>(to)));
    return sorted;
  }

  private static Map<String, Set<String>> arrows(JavaClasses all, String root) {
    var arrows = new TreeMap<String, Set<String>>();
    for (var type : all) {
      for (var dependency : type.getDirectDependenciesFromSelf()) {
        var from = part(type.getPackageName(), root);
        var to = part(dependency.getTargetClass().getPackageName(), root);
        if (!from.isEmpty() && !to.isEmpty() && !from.equals(to)) {
          arrows.computeIfAbsent(from, k -> new TreeSet<>()).add(to);
        }
      }
    }
    return arrows;
  }

  private static String part(String name, String root) {
    return name.startsWith(root) ? name.substring(root.length()) : "";
  }

  @ArchTest
  static final ArchRule RULES_STAND_ON_PLAIN_JAVA =
      classes()
          .that()
          .resideInAPackage("humblequill.core..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("humblequill.core..", "java..", "org.hipparchus..");

  /** What time it is, and a seed wherever lots are drawn, come from outside. */
  @ArchTest
  static final ArchRule RULES_ASK_NO_CLOCK_AND_DRAW_NO_LOTS =
      noClasses()
          .that()
          .resideInAPackage("humblequill.core..")
          .should()
          .callCodeUnitWhere(
              DescribedPredicate.describe("ask a clock or draw lots", ShapeTest::isChance))
          .orShould()
          .dependOnClassesThat()
          .haveNameMatching(
              ".*\\.(Clock|InstantSource|Date|Calendar|SecureRandom|ThreadLocalRandom|RandomGeneratorFactory)");

  private static boolean isChance(JavaCall<?> call) {
    var owner = call.getTargetOwner().getName();
    var name = call.getName();
    int given = call.getTarget().getRawParameterTypes().size();
    return switch (owner) {
      case "java.lang.System" -> name.equals("currentTimeMillis") || name.equals("nanoTime");
      case "java.lang.Math" -> name.equals("random");
      case "java.util.UUID" -> name.equals("randomUUID");
      case "java.util.Collections" -> name.equals("shuffle") && given == 1;
      case "java.util.Random", "java.util.SplittableRandom" ->
          name.equals(JavaConstructor.CONSTRUCTOR_NAME) && given == 0;
      default -> owner.startsWith("java.time.") && name.equals("now");
    };
  }

  @ArchTest
  static final ArchRule ENTITIES_STAY_IN_THEIR_SECTION =
      classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();

  /**
   * In {@code Outer.@NotNull Inner} nothing looks at the annotation; the type is imported instead.
   */
  @ArchTest
  static void what_must_be_told_is_really_looked_at(JavaClasses all) {
    var wrong = new ArrayList<String>();
    for (var c : all) {
      if (c.getPackageName().startsWith("humblequill.server") && c.reflect().isRecord()) {
        for (var part : c.reflect().getRecordComponents()) {
          boolean meant = part.getAnnotatedType().isAnnotationPresent(NotNull.class);
          if (meant && !part.getAccessor().isAnnotationPresent(NotNull.class)) {
            wrong.add(c.getSimpleName() + "." + part.getName());
          }
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  /** Otherwise the annotations of a parameter that is left out are read anew for each request. */
  @ArchTest
  static void a_parameter_that_may_be_left_out_says_so_to_the_framework(JavaClasses all) {
    var wrong = new ArrayList<String>();
    for (var c : all) {
      if (c.isAnnotatedWith(RestController.class)) {
        for (var method : c.reflect().getDeclaredMethods()) {
          for (var parameter : method.getParameters()) {
            var told = parameter.getAnnotation(RequestParam.class);
            boolean mayBeNull = parameter.getAnnotatedType().isAnnotationPresent(Nullable.class);
            if (told != null && told.required() && mayBeNull) {
              wrong.add(c.getSimpleName() + "." + method.getName() + " " + parameter);
            }
          }
        }
      }
    }
    assertThat(wrong).isEmpty();
  }
}
