package happysaucer.bench;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.book.Book;
import happysaucer.core.book.BookReader;
import happysaucer.core.book.ShippedBook;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The cases that are measured: an umbrella tree on an ordinary round. */
public final class Cases {
  private Cases() {}

  public static Book book() {
    Map<String, String> tables = new HashMap<>();
    for (String table : BookReader.TABLES) {
      try (InputStream in =
          Cases.class.getClassLoader().getResourceAsStream(ShippedBook.path(table))) {
        tables.put(table, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return BookReader.read(tables);
  }

  /** Crowded, to be potted up: every stage runs. */
  static AdviceRequest crowded(@Nullable List<AdviceRequest.Pot> candidates) {
    return request(
        List.of(
            new AdviceRequest.Sign("ROOTS_FROM_DRAIN_HOLES", "PRESENT", "CLEAR", null),
            new AdviceRequest.Sign("WATER_POOLS", "PRESENT", null, 95.0),
            new AdviceRequest.Sign("MEDIUM_FALLS_AWAY", "ABSENT", null, null)),
        LocalDate.of(2024, 4, 1),
        11.0,
        candidates);
  }

  /** Nothing the matter: no repot plan, but the whole of looking and asking further. */
  static AdviceRequest quiet() {
    return request(
        List.of(new AdviceRequest.Sign("ROOTS_FROM_DRAIN_HOLES", "ABSENT", null, null)),
        LocalDate.of(2026, 4, 1),
        null,
        null);
  }

  private static AdviceRequest request(
      List<AdviceRequest.Sign> signs,
      LocalDate repotted,
      @Nullable Double intervalAfterRepot,
      @Nullable List<AdviceRequest.Pot> candidates) {
    return new AdviceRequest(
        LocalDate.of(2027, 3, 10),
        new AdviceRequest.Site(44.0, false, "PUBLIC"),
        new AdviceRequest.Spot("BRIGHT_INDIRECT"),
        new AdviceRequest.Plant(
            "Schefflera arboricola",
            null,
            1400.0,
            700.0,
            null,
            0.0,
            "GROW",
            repotted,
            List.of(),
            "foliage",
            true,
            "FORGETS"),
        pot(null, 230),
        new AdviceRequest.Ball(215.0, 170.0, null, null, 195.0),
        signs,
        new AdviceRequest.Watering(5.0, 0.8, 0.1, intervalAfterRepot),
        candidates,
        null,
        "METRIC",
        null,
        null,
        null,
        null,
        null);
  }

  static List<AdviceRequest.Pot> six() {
    List<AdviceRequest.Pot> pots = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      pots.add(pot("p" + i, 240 + 10 * i));
    }
    return pots;
  }

  private static AdviceRequest.Pot pot(@Nullable String id, double topMm) {
    return new AdviceRequest.Pot(
        id,
        "STANDARD",
        "PLASTIC",
        topMm,
        topMm * 0.77,
        null,
        null,
        topMm * 0.94,
        null,
        null,
        500.0,
        6,
        false,
        null,
        null);
  }
}
