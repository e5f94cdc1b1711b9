package gerula.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class WallsTest {

  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("gerula.core");

  @Test
  void theCoreSeesNothingButJavaAndItself() {
    classes()
        .that()
        .resideInAPackage("gerula.core..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage("gerula.core..", "java..", "org.jspecify..")
        .check(CORE);
  }

  @Test
  void theCoreNeverAsksWhatTimeItIs() {
    noClasses()
        .that()
        .resideInAPackage("gerula.core..")
        .should()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .check(CORE);
  }

  @Test
  void roomsDoNotRunInCircles() {
    slices().matching("gerula.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void everyClassStandsInARoomOfTheTrade() {
    classes()
        .that()
        .resideInAPackage("gerula.core..")
        .should()
        .resideInAnyPackage(
            "gerula.core.quantity..",
            "gerula.core.rule..",
            "gerula.core.shade..",
            "gerula.core.dates..",
            "gerula.core.kit..",
            "gerula.core.booking..",
            "gerula.core.person..",
            "gerula.core.cleandown..",
            "gerula.core.depot..",
            "gerula.core.packing..",
            "gerula.core.invariant..",
            "gerula.core.restock..")
        .check(CORE);
  }
}
