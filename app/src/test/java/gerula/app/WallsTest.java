package gerula.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import gerula.app.tables.tables.records.ItemRecord;
import jakarta.validation.constraints.NotNull;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WallsTest {

  private static final Set<String> HANDLED =
      Set.of(
          "setNowPlaceId",
          "setHomePlaceId",
          "setAskBackOn",
          "setAmountLeft",
          "setOpenedOn",
          "setCleanliness",
          "setCleanSince",
          "setCleanBy",
          "setCleanUntil",
          "setSpoilageOn",
          "setSpoilageWhat");

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
  void controllersSeeNoTables() {
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

  /** Written before a name with a dot it is the type's alone, and what is sent is not checked. */
  @Test
  void whatMustBeToldIsChecked() {
    List<RecordComponent> told =
        APP.stream()
            .filter(one -> one.isAssignableTo(Record.class))
            .map(JavaClass::reflect)
            .flatMap(one -> Arrays.stream(one.getRecordComponents()))
            .filter(one -> one.getAnnotatedType().isAnnotationPresent(NotNull.class))
            .toList();
    assertThat(told).hasSizeGreaterThan(100);
    assertThat(told)
        .allMatch(one -> one.getAccessor().isAnnotationPresent(NotNull.class), "checked");
  }

  /** Or the next check would look for nothing. */
  @Test
  void eachOfTheseColumnsIsThere() {
    assertThat(Arrays.stream(ItemRecord.class.getMethods()).map(Method::getName))
        .containsAll(HANDLED);
  }

  /**
   * What is done with an item is kept in one way: whatever goes along with it cannot be forgotten.
   */
  @Test
  void whereAThingIsHowFullAndHowCleanIsWrittenInOnePlace() {
    DescribedPredicate<JavaMethodCall> writing =
        DescribedPredicate.describe(
            "a write of where an item is, how much is left, whether it is open or clean",
            call ->
                call.getTargetOwner().getSimpleName().equals("ItemRecord")
                    && HANDLED.contains(call.getName()));
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName("gerula.app.kit.item.ItemRows")
        // Gives a container the dates of its sources.
        .and()
        .doNotHaveFullyQualifiedName("gerula.app.kit.KitStore")
        // Puts things back as they were written out.
        .and()
        .doNotHaveFullyQualifiedName("gerula.app.archive.ArchiveStore")
        .and()
        .resideOutsideOfPackage("gerula.app.tables..")
        .should()
        .callMethodWhere(writing)
        .check(APP);
  }

  @Test
  void controllersArePackagePrivate() {
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
            "gerula.app.person",
            "gerula.app.packing..",
            "gerula.app.archive",
            "gerula.app.cleandown",
            "gerula.app.dates..",
            "gerula.app.depot..",
            "gerula.app.rule",
            "gerula.app.restock..",
            "gerula.app.shade",
            "gerula.app.tables..")
        .check(APP);
  }
}
