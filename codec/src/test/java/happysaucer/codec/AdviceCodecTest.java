package happysaucer.codec;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import happysaucer.core.advice.AdviceRequest;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdviceCodecTest {
  @Test
  void aRequestIsReadAsItIsWritten() {
    AdviceRequest read =
        AdviceCodec.request(
            """
            {"date": "2027-03-10", "plant": {"species": "Ficus \\u006Cyrata", "heightMm": 1.4e3, "fed": true},
             "pot": {"topMm": 230, "drainHoles": 6, "inCoverPot": null},
             "signs": [{"code": "WATER_POOLS", "value": 95}, {"code": "HEFT", "grade": "LIGHT"}], "candidates": []}
            """);
    assertThat(read.date()).isEqualTo(LocalDate.of(2027, 3, 10));
    assertThat(read.plant().species()).isEqualTo("Ficus lyrata");
    assertThat(read.plant().heightMm()).isEqualTo(1400);
    assertThat(read.pot().drainHoles()).isEqualTo(6);
    assertThat(read.pot().inCoverPot()).isNull();
    assertThat(read.signs())
        .containsExactly(
            new AdviceRequest.Sign("WATER_POOLS", null, null, 95.0),
            new AdviceRequest.Sign("HEFT", null, "LIGHT", null));
    assertThat(read.candidates()).isEmpty();
    assertThat(read.workOn()).isNull();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"pot\": {\"topMM\": 230}} | pot.topMM",
        "{\"pot\": {\"topMm\": \"230\"}} | pot.topMm",
        "{\"pot\": {\"drainHoles\": 2.5}} | pot.drainHoles",
        "{\"date\": \"2027-02-30\"} | date",
        "{\"signs\": [{\"code\": \"TOPPLES\"}, {\"code\": 3}]} | signs[1].code",
        "{\"signs\": [null]} | signs[0]",
        "{\"signs\": {}} | signs",
        "{\"plant\": {\"fed\": 1}} | plant.fed",
        "{\"units\": \"METRIC\", \"units\": \"IMPERIAL\"} | units",
        "[] | ''"
      })
  void whatCannotBeReadIsToldAtItsField(String json, String field) {
    assertThatThrownBy(() -> AdviceCodec.request(json))
        .isInstanceOfSatisfying(CodecException.class, e -> assertThat(e.field()).isEqualTo(field));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{",
        "{\"date\"",
        "{\"date\": }",
        "{\"date\": \"2027",
        "{\"a\": 01}",
        "{\"a\": 1.}",
        "{\"a\": \"\\q\"}",
        "{\"a\": \"\\u00g0\"}",
        "{} {}",
        "nul",
        "{\"a\": [1,]}",
        "{\"a\": 1e999}",
        "''"
      })
  void whatIsNoJsonIsRefused(String json) {
    assertThatThrownBy(() -> JsonReader.read(json)).isInstanceOf(CodecException.class);
  }

  @Test
  void nothingOfItReflects() {
    noClasses()
        .that()
        .resideInAPackage("happysaucer.codec")
        .should()
        .dependOnClassesThat()
        .resideOutsideOfPackages(
            "happysaucer..", "java.lang", "java.util", "java.time", "org.jspecify..")
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("happysaucer.codec"));
  }

  @Test
  void nestingWithoutAnEndIsRefusedBeforeTheStackIs() {
    assertThatThrownBy(() -> JsonReader.read("[".repeat(100_000)))
        .isInstanceOf(CodecException.class)
        .hasMessageContaining("too deep");
  }
}
