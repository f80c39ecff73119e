package happysaucer.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ServerArchitectureTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("happysaucer.server");

  @Test
  void capabilitiesDoNotCallEachOtherInARing() {
    slices().matching("happysaucer.server.(*)..").should().beFreeOfCycles().check(SERVER);
  }

  @Test
  void nothingButTheClockAsksForTheDay() {
    noClasses()
        .that()
        .resideOutsideOfPackage("..server.clock..")
        .should()
        .callMethod(LocalDate.class, "now")
        .orShould()
        .callMethod(Clock.class, "systemUTC")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .check(SERVER);
  }

  @Test
  void mappersStayInsideTheirCapability() {
    noClasses().that().haveSimpleNameEndingWith("Mapper").should().bePublic().check(SERVER);
  }
}
