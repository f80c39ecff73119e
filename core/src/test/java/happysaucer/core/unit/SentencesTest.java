package happysaucer.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.Shipped;
import happysaucer.core.finding.SignWeight;
import happysaucer.core.finding.Weight;
import happysaucer.core.sign.SignCode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SentencesTest {
  private static final Pattern LITERAL = Pattern.compile("\"([A-Za-z][A-Za-z0-9.]*)\"");

  private static final Pattern SAID =
      Pattern.compile("(?:Message\\.of|new Message)\\(\\s*\"([^\"]+)\"[,)]");

  /** Said under a key that is put together of what goes before and a code or a short name. */
  private static final List<String> FAMILIES =
      List.of(
          "looks.",
          "species.",
          "caution.",
          "trend.",
          "care.stayDry.",
          "step.tools.",
          "recovery.sign.",
          "card.done.");

  private final Wording metric = new Wording(Units.METRIC);

  @Test
  void valuesStandWhereTheSentenceWantsThem() {
    assertThat(metric.text(Message.of("feed.slow"))).doesNotContain("{");
    assertThat(
            metric.text(Message.of("order.buy", Length.ofMm(190), Length.ofMm(170), "terracotta")))
        .isEqualTo(
            "Order a pot 19 cm wide inside at the top and 17 cm deep, with holes, terracotta.");
  }

  @Test
  void aListIsSaidInOneSentence() {
    Message recipe =
        Message.of(
            "mix.recipe",
            Message.of("mix.portion", Volume.ofLitres(2), "bark"),
            Message.of("mix.portion", Volume.ofLitres(1), "perlite"));

    assertThat(metric.text(recipe)).isEqualTo("2 L bark, 1 L perlite");
    assertThat(new Wording(Units.IMPERIAL).text(recipe)).contains(" bark, ").endsWith(" perlite");
  }

  @Test
  void whatIsSaidNowhereIsRefused() {
    assertThatThrownBy(() -> metric.text(Message.of("step.neverSaid")))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("step.neverSaid");
  }

  @Test
  void valuesAreCountedAgainstTheSentence() {
    assertThat(Sentences.takes("order.buy", List.of(1, 2, 3))).isTrue();
    assertThat(Sentences.takes("order.buy", List.of(1, 2))).isFalse();
    assertThat(Sentences.takes("order.buy", List.of(1, 2, 3, 4))).isFalse();
    assertThat(Sentences.takes("mix.recipe", List.of(1, 2, 3, 4))).isTrue();
    assertThat(Sentences.takes("step.neverSaid", List.of())).isFalse();
  }

  @Test
  void everyWeightThatCountsHasItsReason() {
    for (Weight weight : weights()) {
      assertThat(Sentences.keys().contains(weight.presentReason().key()))
          .as(weight.presentReason().key())
          .isEqualTo(weight.present() != SignWeight.NONE);
      assertThat(Sentences.keys().contains(weight.absentReason().key()))
          .as(weight.absentReason().key())
          .isEqualTo(weight.absent() != SignWeight.NONE);
    }
  }

  @Test
  void whatTheRulesSayStandsInTheTable() throws IOException {
    assertThat(Sentences.keys()).containsAll(found(SAID));
  }

  @Test
  void everySentenceIsSaidByARule() throws IOException {
    Set<String> literals = found(LITERAL);
    Predicate<String> family =
        key ->
            FAMILIES.stream()
                .filter(key::startsWith)
                .anyMatch(
                    of -> literals.contains(of) || literals.contains(key.substring(of.length())));
    Predicate<String> ofAction =
        key ->
            key.matches("call\\.[A-Z_]+\\..*")
                && literals.contains(key.substring(key.lastIndexOf('.') + 1));
    Predicate<String> ofAWeight = key -> key.startsWith("present.") || key.startsWith("absent.");

    assertThat(Sentences.keys().stream().filter(literals::contains)).hasSizeGreaterThan(300);
    assertThat(Sentences.keys())
        .allMatch(key -> literals.contains(key) || family.or(ofAction).or(ofAWeight).test(key));
  }

  private static List<Weight> weights() {
    return Stream.of(SignCode.values())
        .flatMap(sign -> Shipped.BOOK.weights().of(sign).stream())
        .toList();
  }

  private static Set<String> found(Pattern pattern) throws IOException {
    Set<String> found = new TreeSet<>();
    for (String root : List.of("src/main/java", "../server/src/main/java")) {
      try (Stream<Path> files = Files.walk(Path.of(root))) {
        for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
          Matcher matcher = pattern.matcher(Files.readString(file));
          while (matcher.find()) {
            found.add(matcher.group(1));
          }
        }
      }
    }
    return found;
  }
}
