package happysaucer.core.book;

import happysaucer.core.book.Csv.Row;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.SignWeight;
import happysaucer.core.finding.Weight;
import happysaucer.core.finding.WeightTable;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.method.MethodTable;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Measure;
import happysaucer.core.sign.Sign;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.SignTable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Reads and checks the tables of a book: every code, unit and reason. */
public final class BookReader {
  /** Names of the tables, each a CSV text. */
  public static final List<String> TABLES =
      List.of(
          "groups",
          "species",
          "signs",
          "weights",
          "ingredients",
          "mixes",
          "trade-sizes",
          "methods");

  private BookReader() {}

  /**
   * @param tables CSV text by name, all of {@link #TABLES}
   * @throws IllegalArgumentException naming table, line and column of the first fault
   */
  public static Book read(Map<String, String> tables) {
    return read(tables, TeamRows.NONE);
  }

  /**
   * The same with a team's own rows, in place of the shipped ones of that name or besides them.
   *
   * @throws IllegalArgumentException naming table, line and column of the first fault
   */
  public static Book read(Map<String, String> tables, TeamRows team) {
    for (String table : TABLES) {
      if (!tables.containsKey(table)) {
        throw new IllegalArgumentException("The table " + table + " is missing.");
      }
    }
    MediumTable media =
        new MediumReader(tables.get("ingredients"), tables.get("mixes"))
            .read(team.ingredients(), team.mixes());
    return new Book(
        version(tables, team),
        new SpeciesReader(tables.get("groups"), media).read(tables.get("species"), team.species()),
        signs(tables.get("signs")),
        weights(tables.get("weights")),
        media,
        pots(tables.get("trade-sizes")),
        methods(tables.get("methods")));
  }

  private static SignTable signs(String csv) {
    List<Sign> signs = new ArrayList<>();
    for (Row row : Csv.rows("signs", csv)) {
      signs.add(
          new Sign(
              row.code("code", SignCode.class),
              row.code("group", SignGroup.class),
              row.code("measure", Measure.class),
              row.needed("label"),
              row.needed("how"),
              row.number("minutes"),
              row.numberIn("shows", 0, 1)));
    }
    return new SignTable(signs);
  }

  private static WeightTable weights(String csv) {
    List<Weight> weights = new ArrayList<>();
    for (Row row : Csv.rows("weights", csv)) {
      String name = row.needed("sign");
      @Nullable Grade heft =
          switch (name) {
            case "HEFT_LIGHT" -> Grade.LIGHT;
            case "HEFT_HEAVY" -> Grade.HEAVY;
            default -> null;
          };
      SignWeight present = row.code("present", SignWeight.class);
      SignWeight absent = row.code("absent", SignWeight.class);
      weights.add(
          Weight.of(
              row.code("finding", FindingCode.class),
              heft == null ? row.code("sign", SignCode.class) : SignCode.HEFT,
              heft,
              present,
              absent,
              name));
    }
    return new WeightTable(weights);
  }

  private static MethodTable methods(String csv) {
    Map<String, MethodTable.Question> questions = new LinkedHashMap<>();
    for (Row row : Csv.rows("methods", csv)) {
      String key = row.needed("key");
      List<MethodTable.Option> options = new ArrayList<>();
      if (questions.containsKey(key)) {
        options.addAll(questions.get(key).options());
      }
      boolean number = row.text("option").isEmpty();
      if (!number) {
        options.add(
            new MethodTable.Option(
                row.text("option"), row.needed("label"), row.needed("reason"), row.needed("cost")));
      }
      questions.put(
          key,
          new MethodTable.Question(
              key,
              row.needed("title"),
              row.yes("turnsCalls"),
              List.copyOf(options),
              number ? Optional.of(range(row)) : Optional.empty()));
    }
    return new MethodTable(List.copyOf(questions.values()));
  }

  private static MethodTable.Range range(Row row) {
    return new MethodTable.Range(
        row.number("least"),
        row.number("most"),
        row.number("standard"),
        row.needed("unit"),
        row.needed("reason"),
        row.needed("cost"));
  }

  private static List<Pot> pots(String csv) {
    List<Pot> pots = new ArrayList<>();
    for (Row row : Csv.rows("trade-sizes", csv)) {
      double top = row.number("topMm");
      pots.add(
          new Pot(
              row.needed("id"),
              row.code("shape", Shape.class),
              row.code("material", Material.class),
              Frustum.round(top, row.number("baseMm"), row.number("heightMm")),
              top,
              row.number("footMm"),
              row.number("massG"),
              row.whole("drainHoles"),
              false,
              0,
              0));
    }
    return List.copyOf(pots);
  }

  /** A short sum over all tables, the same on every platform. */
  private static String version(Map<String, String> tables, TeamRows team) {
    long sum = 1125899906842597L;
    for (String table : TABLES) {
      sum = sum(sum, tables.get(table));
    }
    for (Map<String, String> cells : team.all()) {
      sum = sum(sum, cells.toString());
    }
    return (team.all().isEmpty() ? "shipped-" : "team-") + Long.toHexString(sum);
  }

  private static long sum(long before, String text) {
    long sum = before;
    for (int i = 0; i < text.length(); i++) {
      sum = 31 * sum + text.charAt(i);
    }
    return sum;
  }
}
