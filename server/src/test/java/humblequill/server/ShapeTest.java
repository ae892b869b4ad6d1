package humblequill.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;

/** The shape described in docs/architecture.md. */
@AnalyzeClasses(packages = "humblequill", importOptions = ImportOption.DoNotIncludeTests.class)
class ShapeTest {
  @ArchTest
  static final ArchRule SECTIONS_FORM_NO_CIRCLES =
      slices().matching("humblequill.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule RULES_FORM_NO_CIRCLES =
      slices().matching("humblequill.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule RULES_STAND_ON_PLAIN_JAVA =
      classes()
          .that()
          .resideInAPackage("humblequill.core..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("humblequill.core..", "java..", "org.hipparchus.geometry..");

  @ArchTest
  static final ArchRule RULES_READ_NO_CLOCK =
      noClasses()
          .that()
          .resideInAPackage("humblequill.core..")
          .should()
          .callMethod(java.time.LocalDate.class, "now")
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(java.time.Clock.class);

  @ArchTest
  static final ArchRule ENTITIES_STAY_IN_THEIR_SECTION =
      classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();
}
