package happysaucer.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Fault;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nothing unknown, nothing coerced, every fault with its path. */
class StrictBodyTest {
  enum Colour {
    RED,
    BLUE
  }

  record Inner(@Nullable Integer count, @Nullable Double size) {}

  record Outer(
      @Nullable String name,
      @Nullable Boolean sure,
      @Nullable LocalDate on,
      @Nullable Instant at,
      @Nullable UUID id,
      @Nullable Colour colour,
      @Nullable Inner inner,
      @Nullable List<Inner> list) {}

  private final List<Fault> faults = new ArrayList<>();

  private @Nullable Outer read(String json) {
    StrictJson.Read tree = StrictJson.read(json.getBytes(StandardCharsets.UTF_8));
    faults.addAll(tree.faults());
    if (!tree.wellFormed()) {
      return null;
    }
    RecordReader reader = new RecordReader();
    Outer outer = reader.read(tree.tree(), Outer.class);
    faults.addAll(reader.faults());
    return outer;
  }

  @Test
  void aGoodBodyIsReadWhole() {
    Outer outer =
        read(
            "{\"name\":\"a\",\"sure\":true,\"on\":\"2027-03-10\",\"at\":\"2027-03-10T08:00:00Z\","
                + "\"id\":\"00000000-0000-4000-8000-000000000001\",\"colour\":\"BLUE\","
                + "\"inner\":{\"count\":3,\"size\":2},\"list\":[{\"size\":1.5},{}]}");
    assertThat(faults).isEmpty();
    assertThat(outer.on()).isEqualTo(LocalDate.of(2027, 3, 10));
    assertThat(outer.colour()).isEqualTo(Colour.BLUE);
    assertThat(outer.inner()).isEqualTo(new Inner(3, 2.0));
    assertThat(outer.list()).hasSize(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"name\":7} | name | a text",
        "{\"sure\":\"true\"} | sure | true or false",
        "{\"on\":\"2027-02-29\"} | on | no such date",
        "{\"at\":\"yesterday\"} | at | no such moment",
        "{\"id\":\"7\"} | id | UUID",
        "{\"colour\":\"red\"} | colour | RED, BLUE",
        "{\"inner\":[]} | inner | an object",
        "{\"inner\":{\"count\":1.5}} | inner.count | a whole number",
        "{\"inner\":{\"count\":99999999999}} | inner.count | a whole number",
        "{\"inner\":{\"size\":\"2\"}} | inner.size | a number",
        "{\"list\":{}} | list | a list",
        "{\"list\":[{},null]} | list[1] | missing",
        "{\"on\":\"-9999999-01-01\"} | on | between 1900 and 2200",
        "{\"on\":\"2201-01-01\"} | on | between 1900 and 2200",
        "{\"at\":\"+99999-01-01T00:00:00Z\"} | at | between 1900 and 2200",
        "{\"list\":[{},{\"size\":true}]} | list[1].size | a number",
        "{\"inner\":{\"depth\":1}} | inner.depth | no such field",
        "{\"inner\":{\"count\":1,\"count\":1}} | inner.count | twice"
      })
  void aFaultHasItsPathAndWhatToMend(String json, String path, String words) {
    read(json);
    assertThat(faults).hasSize(1);
    assertThat(faults.get(0).field()).isEqualTo(path);
    assertThat(faults.get(0).message()).contains(words);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"a\":} | line 1",
        "{\"name\":\"a\"} {} | more after",
        "{\"name\":NaN} | well-formed"
      })
  void malformedTextSaysWhere(String json, String words) {
    read(json);
    assertThat(faults.get(0).message()).contains(words);
  }

  @Test
  void aBottomlessBodyIsRefusedRatherThanFollowed() {
    read("{\"name\":" + "[".repeat(5000) + "]".repeat(5000) + "}");
    assertThat(faults).hasSize(1);
  }
}
