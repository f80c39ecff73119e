package happysaucer.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("happysaucer.core");

  @Test
  void packagesFormNoCircles() {
    slices().matching("happysaucer.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void importsRunDownwards() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("advice")
        .definedBy("..core.advice..")
        .layer("book")
        .definedBy("..core.book..")
        .layer("aftercare")
        .definedBy("..core.aftercare..")
        .layer("repot")
        .definedBy("..core.repot..")
        .layer("water")
        .definedBy("..core.water..")
        .layer("call")
        .definedBy("..core.call..")
        .layer("forecast")
        .definedBy("..core.forecast..")
        .layer("finding")
        .definedBy("..core.finding..")
        .whereLayer("advice")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("book")
        .mayOnlyBeAccessedByLayers("advice")
        .whereLayer("aftercare")
        .mayOnlyBeAccessedByLayers("advice")
        .whereLayer("repot")
        .mayOnlyBeAccessedByLayers("advice", "aftercare")
        .whereLayer("water")
        .mayOnlyBeAccessedByLayers("advice", "aftercare", "repot")
        .whereLayer("call")
        .mayOnlyBeAccessedByLayers("advice", "aftercare", "repot")
        .whereLayer("forecast")
        .mayOnlyBeAccessedByLayers("advice", "call")
        .check(CORE);
  }

  @Test
  void theCoreStaysPortableAndFreeOfInputOutputClockAndFrameworks() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "java.io..",
            "java.nio..",
            "java.net..",
            "java.lang.reflect..",
            "java.util.concurrent..",
            "java.text..",
            "java.time.format..",
            "org.springframework..",
            "tools.jackson..")
        .check(CORE);
    noClasses()
        .should()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .callMethod(Math.class, "fma", double.class, double.class, double.class)
        .orShould()
        .callMethod(Math.class, "random")
        .orShould()
        .callMethod(String.class, "lines")
        .check(CORE);
  }
}
