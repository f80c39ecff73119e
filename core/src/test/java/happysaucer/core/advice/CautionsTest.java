package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each caution shows where it applies, and not where it does not. */
class CautionsTest {
  private static List<String> codes(Advice advice) {
    return advice.cautions().stream().map(Advice.Coded::code).toList();
  }

  private static Arguments caution(
      String code,
      String with,
      UnaryOperator<Ask> applies,
      String without,
      UnaryOperator<Ask> not) {
    return Arguments.of(code, applies.apply(Ask.about(with)), not.apply(Ask.about(without)));
  }

  static Stream<Arguments> cautions() {
    UnaryOperator<Ask> crowded = a -> a.sign("ROOTS_CIRCLING", "CLEAR", null);
    UnaryOperator<Ask> small =
        a -> a.sign("ROOTS_CIRCLING", "CLEAR", null).sized(250, 250).in(Ask.pot("x", 120, 4));
    return Stream.of(
        caution("SAP", "Ficus elastica", crowded, "Howea forsteriana", crowded),
        caution("SPINES", "Bunny ears cactus", small, "Jade plant", small),
        caution("DUST", "Ficus elastica", crowded, "Echinopsis oxygona", small),
        caution(
            "BLADES",
            "Ficus elastica",
            a -> crowded.apply(a).wish("KEEP"),
            "Ficus elastica",
            crowded),
        caution(
            "LIFTING",
            "Ficus elastica",
            a -> crowded.apply(a).in(Ask.pot("x", 350, 6)).sized(1900, 900),
            "Ficus elastica",
            a -> crowded.apply(a).in(Ask.pot("x", 150, 6)).sized(500, 300)),
        caution(
            "TWO_PERSONS",
            "Ficus elastica",
            a -> crowded.apply(a).sized(2100, 600),
            "Ficus elastica",
            a -> crowded.apply(a).sized(1900, 600)),
        caution("POISONOUS", "Dieffenbachia seguine", a -> a, "Howea forsteriana", a -> a),
        caution("TREATMENT", "Ficus elastica", a -> a.sign("SCALE"), "Ficus elastica", a -> a),
        caution("TREATMENT", "Jade plant", a -> a.sign("ROOT_PESTS"), "Jade plant", a -> a),
        caution(
            "FOOD_CROP",
            "Calamondin",
            a -> a.sign("SCALE"),
            "Ficus elastica",
            a -> a.sign("SCALE")),
        caution(
            "EGRESS",
            "Ficus elastica",
            a -> crowded.apply(a).usedBy("PUBLIC"),
            "Ficus elastica",
            a -> crowded.apply(a).usedBy("PRIVATE")),
        caution(
            "ELECTRICAL",
            "Ficus elastica",
            crowded,
            "Ficus elastica",
            a -> crowded.apply(a).outdoors()),
        caution(
            "POT_SHARDS", "Ficus elastica", a -> a.sign("POT_BROKEN"), "Ficus elastica", crowded),
        caution(
            "FIBRE_CEMENT",
            "Ficus elastica",
            a -> a.in(Ask.shaped("STANDARD", "FIBRE", 300, null, null, null)).sign("POT_BROKEN"),
            "Ficus elastica",
            a -> a.in(Ask.shaped("STANDARD", "GLAZED", 300, null, null, null)).sign("POT_BROKEN")),
        caution(
            "HYGIENE",
            "Ficus elastica",
            a -> a.sign("ROOTS_ROTTEN", null, 0.3),
            "Ficus elastica",
            a -> a),
        caution(
            "FEED_BURN",
            "Ficus elastica",
            a -> crowded.apply(a).wish("KEEP"),
            "Ficus elastica",
            a -> a),
        caution("SUN", "Ficus elastica", crowded, "Ficus elastica", a -> a));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cautions")
  void showsWhereItAppliesOnly(String code, Ask applies, Ask not) {
    assertThat(codes(applies.advice())).contains(code);
    assertThat(codes(not.advice())).doesNotContain(code);
  }

  @Test
  void spurgeMilkSendsToADoctor() {
    Advice spurge =
        Ask.about("Euphorbia milii")
            .sized(300, 250)
            .in(Ask.pot("x", 120, 4))
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice();
    assertThat(spurge.cautions())
        .anyMatch(c -> c.code().equals("SAP") && c.text().words().contains("15 minutes"));
  }

  @Test
  void whereChildrenPlayNothingIsSprayedWithoutConsent() {
    Advice school = Ask.about("Ficus elastica").usedBy("CHILDREN").sign("SCALE").advice();
    assertThat(school.cautions())
        .anyMatch(c -> c.code().equals("TREATMENT") && c.text().words().contains("consent"));
  }

  @Test
  void whoItPoisonsIsNamed() {
    assertThat(Ask.about("Dracaena fragrans").advice().cautions().get(0).text().words())
        .contains("cats and dogs");
    assertThat(Ask.about("Dieffenbachia seguine").advice().cautions().get(0).text().words())
        .contains("children and pets");
  }
}
