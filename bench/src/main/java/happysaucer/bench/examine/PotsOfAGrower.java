package happysaucer.bench.examine;

import happysaucer.core.advice.Advice;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What pot a grower would take. */
final class PotsOfAGrower {
  private static final LocalDate AUTUMN = LocalDate.of(2027, 10, 25);
  private final GrowersRules all;
  private final List<Pot> plastic;

  PotsOfAGrower(GrowersRules all) {
    this.all = all;
    this.plastic =
        all.book().tradeSizes().stream()
            .filter(pot -> pot.id().startsWith("plastic-"))
            .sorted(Comparator.comparingDouble(Pot::topMm))
            .toList();
  }

  void add() {
    rot();
    clumps();
    steps();
    wetRing();
    masses();
  }

  private static Optional<Advice.Candidate> pot(Advice advice) {
    if (advice.repot() == null) {
      return Optional.empty();
    }
    return advice.repot().chosen().or(() -> Optional.ofNullable(advice.repot().orderPot()));
  }

  /** Of a usual pot of this width, up to its fill line. */
  private static double fillOf(double topMm) {
    Frustum inside = Frustum.round(topMm, 0.76 * topMm, 0.92 * topMm);
    return inside.upTo(0.92 * topMm - Pot.rimGapMm(topMm, 0.92 * topMm)).litres();
  }

  private void rot() {
    List<Plant> cases = new ArrayList<>();
    for (double share : new double[] {0.15, 0.3, 0.5, 0.7}) {
      cases.addAll(all.inTheirLight(p -> p.valued("ROOTS_ROTTEN", share)));
    }
    cases.removeIf(p -> p.species().traits().oldRootsDieInTurn() && p.signs().get(0).value() < 0.2);
    all.add(
        "Pots: rot rescue never goes up, and goes down with half of the roots",
        cases,
        asked -> {
          Optional<Advice.Candidate> pot = pot(asked.advice());
          if (pot.isEmpty() || asked.action().equals("BREAK_OUT")) {
            return Optional.empty();
          }
          double before = fillOf(asked.plant().potMm());
          double now = pot.get().fillLitres();
          boolean half = asked.plant().signs().get(0).value() >= 0.3;
          return now <= before * 1.03 && (!half || now < before * 0.97)
              ? Optional.empty()
              : Optional.of(String.format(Locale.ROOT, "from %.2f to %.2f L", before, now));
        });
    all.add(
        "Pots: after rot the fresh medium does not stay wet over 28 days",
        cases,
        asked -> {
          Optional<Advice.Candidate> pot = pot(asked.advice());
          Double wet = pot.map(Advice.Candidate::daysRingWet).orElse(null);
          return wet == null || wet <= 28 || asked.plant().date().getMonthValue() < 3
              ? Optional.empty()
              : Optional.of(String.format(Locale.ROOT, "%.0f days", wet));
        });
  }

  private void clumps() {
    all.add(
        "Pots: a clump that is parted finds a pot no deeper than wide",
        all.inSpring(p -> p.wishing("KEEP").sign("PUPS_FILL_POT")).stream()
            .filter(p -> p.species().traits().divides() && p.potMm() >= 120)
            .toList(),
        asked -> {
          if (!asked.action().equals("DIVIDE")) {
            return Optional.empty();
          }
          Optional<Advice.Candidate> pot = asked.advice().repot().chosen();
          return pot.isPresent() && pot.get().pot().heightMm() <= pot.get().pot().topMm()
              ? Optional.empty()
              : Optional.of("order: " + asked.advice().repot().order());
        });
    all.add(
        "Pots: a base that is shown is not ordered deeper",
        all.inSpring(p -> p.graded("ROOTS_CIRCLING", "SEVERE")).stream()
            .filter(p -> p.species().traits().showsBase())
            .map(Plant::showingItsBase)
            .toList(),
        asked -> {
          Optional<Advice.Candidate> pot = pot(asked.advice());
          double old = asked.plant().potMm() * 0.92;
          return !asked.action().equals("RAISE_OR_SHALLOW")
                  || pot.isPresent() && pot.get().pot().heightMm() <= old + 1
              ? Optional.empty()
              : Optional.of(pot.map(p -> p.pot().heightMm() + " mm deep").orElse("no pot"));
        });
  }

  private void steps() {
    List<Plant> cases = new ArrayList<>();
    for (int i = 0; i + 1 < plastic.size(); i++) {
      for (Species species : all.book().species().all()) {
        if (!species.traits().dryLover() && species.traits().step().name().equals("USUAL")) {
          cases.add(
              Plant.of(
                      species,
                      plastic.get(i).topMm(),
                      GrowersRules.SPRING,
                      species.traits().light())
                  .measured()
                  .wishing("GROW")
                  .graded("ROOTS_CIRCLING", "CLEAR"));
        }
      }
    }
    all.add(
        "Pots: the next trade size passes for a plant that fills its pot",
        cases,
        asked -> {
          if (!asked.action().equals("POT_UP")) {
            return Optional.empty();
          }
          double old = asked.plant().potMm();
          double next =
              plastic.stream().mapToDouble(Pot::topMm).filter(top -> top > old + 1).min().orElse(0);
          return asked.advice().repot().candidates().stream()
                  .anyMatch(c -> c.rank() != null && c.pot().topMm() == next)
              ? Optional.empty()
              : Optional.of(String.format(Locale.ROOT, "%.0f to %.0f mm fails", old, next));
        });
    all.add(
        "Pots: out of season the smallest step ranks first",
        all.inSpring(p -> p.on(AUTUMN).wishing("GROW").sign("LITTLE_MEDIUM_LEFT")),
        asked -> {
          if (!asked.action().equals("POT_UP") || !asked.call().urgency().equals("SOON")) {
            return Optional.empty();
          }
          List<Advice.Candidate> passing =
              asked.advice().repot().candidates().stream().filter(c -> c.rank() != null).toList();
          double least = passing.stream().mapToDouble(Advice.Candidate::stepMm).min().orElse(0);
          return passing.isEmpty() || passing.get(0).stepMm() <= least + 5
              ? Optional.empty()
              : Optional.of(passing.get(0).stepMm() + " mm before " + least);
        });
  }

  private void wetRing() {
    List<Plant> cases = new ArrayList<>();
    for (double pot : new double[] {110, 120, 140, 170, 210, 260}) {
      for (Species species : all.book().species().all()) {
        cases.add(
            Plant.of(species, pot, LocalDate.of(2027, 5, 10), species.traits().light())
                .measured()
                .wishing("GROW")
                .graded("POT_DEFORMED", "CLEAR"));
      }
    }
    all.add(
        "Pots: the next size is not warned of for staying wet",
        cases,
        asked -> warned(asked, 1, false));
    all.add("Pots: three sizes up are warned of", cases, asked -> warned(asked, 3, true));
  }

  /** One size up, as people say it, and by how much shelves differ from that. */
  private static final double SIZE_MM = 20;

  private static final double SIZES_DIFFER_MM = 5;

  private Optional<String> warned(Rule.Asked asked, int sizesUp, boolean wanted) {
    if (asked.advice().repot() == null || !asked.action().equals("POT_UP")) {
      return Optional.empty();
    }
    double least = asked.plant().potMm() + sizesUp * SIZE_MM - SIZES_DIFFER_MM;
    double top =
        plastic.stream().mapToDouble(Pot::topMm).filter(mm -> mm >= least).min().orElseThrow();
    return asked.advice().repot().candidates().stream()
        .filter(c -> c.pot().topMm() == top && c.id().startsWith("plastic-"))
        .findFirst()
        .filter(
            c ->
                c.remarks().stream().anyMatch(r -> r.code().equals("STAYS_WET_LONG")) != wanted
                    && c.failures().isEmpty())
        .map(c -> String.format(Locale.ROOT, "%.0f mm: %.1f days", top, c.daysRingWet()));
  }

  private void masses() {
    all.add(
        "Masses: a columnar cactus of 1.7 m weighs 12 kg or more",
        weighed("Cereus repandus", 380, 1700),
        asked -> mass(asked, 12, 60));
    all.add(
        "Masses: a palm of 2.8 m weighs 8 to 12 kg",
        weighed("Howea forsteriana", 350, 2800),
        asked -> mass(asked, 8, 12));
    all.add(
        "Masses: a jade of 70 cm weighs about 3 kg",
        weighed("Crassula ovata", 250, 700),
        asked -> mass(asked, 2, 4));
  }

  private List<Plant> weighed(String species, double pot, double height) {
    return List.of(
        Plant.of(
                all.book().species().find(species).orElseThrow(),
                pot,
                GrowersRules.SPRING,
                happysaucer.core.species.Light.BRIGHT_INDIRECT)
            .tall(height));
  }

  /** By what is written down as assumed. */
  private static Optional<String> mass(Rule.Asked asked, double least, double most) {
    String line =
        asked.advice().assumed().stream()
            .filter(a -> a.startsWith("plant.topMassG"))
            .findFirst()
            .orElseThrow();
    double kg =
        Double.parseDouble(line.substring(line.indexOf('=') + 1, line.indexOf(':')).trim()) / 1000;
    return kg >= least && kg <= most
        ? Optional.empty()
        : Optional.of(String.format(Locale.ROOT, "%.1f kg", kg));
  }
}
