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
        .layer("record")
        .definedBy("..core.record..")
        .layer("round")
        .definedBy("..core.round..")
        .layer("minutes")
        .definedBy("..core.minutes..")
        .whereLayer("record")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("round")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("minutes")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("advice")
        .mayOnlyBeAccessedByLayers("record", "round", "minutes")
        .whereLayer("book")
        .mayOnlyBeAccessedByLayers("advice")
        .whereLayer("aftercare")
        .mayOnlyBeAccessedByLayers("advice")
        .whereLayer("repot")
        .mayOnlyBeAccessedByLayers("advice", "aftercare")
        .whereLayer("water")
        .mayOnlyBeAccessedByLayers("advice", "aftercare", "repot")
        .whereLayer("call")
        .mayOnlyBeAccessedByLayers("advice", "aftercare", "repot", "round")
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
        .orShould()
        .callMethod(String.class, "format", java.util.Locale.class, String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .orShould()
        .callMethod(java.util.regex.Matcher.class, "results")
        .orShould()
        .callMethod(java.time.LocalDate.class, "datesUntil", java.time.LocalDate.class)
        .orShould()
        .callMethod(System.class, "nanoTime")
        .orShould()
        .callMethod(Class.class, "getResourceAsStream", String.class)
        .check(CORE);
    noClasses()
        .should()
        .dependOnClassesThat()
        .areAssignableTo(Thread.class)
        .orShould()
        .dependOnClassesThat()
        .areAssignableTo(ClassLoader.class)
        .orShould()
        .dependOnClassesThat()
        .areAssignableTo(java.util.Random.class)
        .check(CORE);
  }

  @Test
  void monthsAndDaysAreNeverNamedByALocale() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .belongToAnyOf(java.time.format.TextStyle.class, java.util.Currency.class)
        .check(CORE);
  }
}
