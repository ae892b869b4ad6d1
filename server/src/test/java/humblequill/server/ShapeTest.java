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
import java.util.ArrayList;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shape described in docs/architecture.md. */
@AnalyzeClasses(packages = "humblequill", importOptions = ImportOption.DoNotIncludeTests.class)
class ShapeTest {
  /** What each package of the rules stands on. Packages that stand on none are left out. */
  private static final Map<String, Set<String>> RULES =
      Map.ofEntries(
          Map.entry("entry", Set.of("name")),
          Map.entry("bench", Set.of("cabinet", "name", "picture", "stats")),
          Map.entry("measure", Set.of("picture")),
          Map.entry(
              "review",
              Set.of(
                  "calendar",
                  "course",
                  "coverage",
                  "entry",
                  "name",
                  "placement",
                  "plan",
                  "quota",
                  "stats",
                  "streak")),
          Map.entry(
              "coverage",
              Set.of("calendar", "course", "entry", "placement", "quota", "stats", "topic")),
          Map.entry("topic", Set.of("name")),
          Map.entry("shelf", Set.of("book", "calendar", "course", "entry", "placement")),
          Map.entry(
              "syllabus",
              Set.of(
                  "calendar", "course", "coverage", "entry", "logline", "quota", "stats", "topic")),
          Map.entry("book", Set.of("entry", "quota", "stats")),
          Map.entry("care", Set.of("entry", "name")),
          Map.entry("picture", Set.of("book")),
          Map.entry("piece", Set.of("entry")),
          Map.entry("recall", Set.of("entry")),
          Map.entry("course", Set.of("entry", "name", "topic")),
          Map.entry("logline", Set.of("entry", "name")),
          Map.entry("sitting", Set.of("entry", "name", "stats")),
          Map.entry("streak", Set.of("calendar", "entry")),
          Map.entry("placement", Set.of("course", "entry", "name")),
          Map.entry("plan", Set.of("calendar", "course", "entry", "placement", "topic")),
          Map.entry(
              "quota",
              Set.of("calendar", "course", "entry", "name", "placement", "plan", "stats")));

  /** What each section of the application stands on, besides data and edge, which hold no rules. */
  private static final Map<String, Set<String>> SECTIONS =
      Map.ofEntries(
          Map.entry("backup", Set.of("migration", "settings")),
          Map.entry("topic", Set.of("name")),
          Map.entry("picture", Set.of("settings")),
          Map.entry("rule", Set.of("name")),
          Map.entry("piece", Set.of("entry", "name")),
          Map.entry("reference", Set.of("picture")),
          Map.entry("bench", Set.of("book", "entry", "picture", "reference", "settings")),
          Map.entry(
              "review",
              Set.of(
                  "bench",
                  "book",
                  "course",
                  "coverage",
                  "entry",
                  "picture",
                  "placement",
                  "plan",
                  "name",
                  "recall",
                  "quota",
                  "settings",
                  "shelf",
                  "sitting",
                  "streak")),
          Map.entry("recall", Set.of("name", "picture", "settings")),
          Map.entry(
              "whatfor",
              Set.of(
                  "book",
                  "entry",
                  "picture",
                  "piece",
                  "placement",
                  "quota",
                  "reference",
                  "settings",
                  "shelf")),
          Map.entry("book", Set.of("entry", "name", "picture", "rule", "settings")),
          Map.entry("course", Set.of("settings", "topic")),
          Map.entry("placement", Set.of("course", "name")),
          Map.entry("entry", Set.of("name", "placement", "settings")),
          Map.entry("logline", Set.of("book", "entry", "name", "placement", "quota", "settings")),
          Map.entry("exchange", Set.of("entry", "placement")),
          Map.entry("search", Set.of("book", "entry", "logline", "placement", "review")),
          Map.entry("streak", Set.of("entry", "settings")),
          Map.entry("appointment", Set.of("entry", "name", "settings")),
          Map.entry(
              "plan", Set.of("appointment", "course", "entry", "placement", "settings", "topic")),
          Map.entry("feed", Set.of("plan", "settings", "shelf")),
          Map.entry("shelf", Set.of("entry", "name", "placement", "settings")),
          Map.entry("quota", Set.of("entry", "name", "placement", "plan", "rule", "settings")),
          Map.entry(
              "coverage",
              Set.of("entry", "name", "placement", "quota", "settings", "shelf", "topic")),
          Map.entry(
              "sitting", Set.of("coverage", "entry", "name", "quota", "reference", "settings")),
          Map.entry(
              "today",
              Set.of(
                  "backup",
                  "book",
                  "coverage",
                  "entry",
                  "name",
                  "piece",
                  "placement",
                  "plan",
                  "quota",
                  "rule",
                  "settings",
                  "sitting",
                  "streak")),
          Map.entry("syllabus", Set.of("entry", "logline", "name", "settings", "topic")),
          Map.entry("turn", Set.of("plan", "settings", "sitting")),
          Map.entry(
              "demo",
              Set.of(
                  "bench",
                  "book",
                  "coverage",
                  "entry",
                  "name",
                  "picture",
                  "piece",
                  "placement",
                  "quota",
                  "recall",
                  "review",
                  "settings",
                  "shelf",
                  "sitting",
                  "whatfor")));

  private static final Set<String> FOUNDATIONS = Set.of("data", "edge");

  @ArchTest static final ArchTests NAMES = ArchTests.in(ApiNames.class);

  @ArchTest
  static void packages_of_the_rules_stand_on_those_they_may(JavaClasses all) {
    assertThat(arrows(all, "humblequill.core.")).isEqualTo(sorted(RULES));
  }

  @ArchTest
  static void sections_stand_on_those_they_may(JavaClasses all) {
    var found = arrows(all, "humblequill.server.");
    FOUNDATIONS.forEach(found::remove);
    found.values().forEach(targets -> targets.removeAll(FOUNDATIONS));
    found.values().removeIf(Set::isEmpty);
    assertThat(found).isEqualTo(sorted(SECTIONS));
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
    return name.startsWith(root) ? name.substring(root.length()).split("\\.")[0] : "";
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
