package gerula.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class WallsTest {

  private static final JavaClasses APP =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("gerula.app");

  @Test
  void roomsOfTheTradeDoNotRunInCircles() {
    slices()
        .matching("gerula.app.(*)..")
        .should()
        .beFreeOfCycles()
        .ignoreDependency(gerula.app.GerulaApplication.class, gerula.app.GerulaApplication.class)
        .check(APP);
  }

  @Test
  void tablesAreSeenByStoresAndTheLedgerOnly() {
    noClasses()
        .that()
        .resideOutsideOfPackage("gerula.app.tables..")
        .and()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.jooq..", "gerula.app.tables..")
        .check(APP);
  }

  @Test
  void controllersStayInTheirRooms() {
    classes().that().haveSimpleNameEndingWith("Controller").should().bePackagePrivate().check(APP);
  }

  @Test
  void everyClassStandsInARoom() {
    classes()
        .that()
        .resideInAPackage("gerula.app..")
        .should()
        .resideInAnyPackage(
            "gerula.app",
            "gerula.app.platform..",
            "gerula.app.ledger",
            "gerula.app.invariant",
            "gerula.app.kit..",
            "gerula.app.booking..",
            "gerula.app.packing",
            "gerula.app.archive",
            "gerula.app.cleandown",
            "gerula.app.dates..",
            "gerula.app.depot..",
            "gerula.app.rule",
            "gerula.app.restock",
            "gerula.app.tables..")
        .check(APP);
  }
}
