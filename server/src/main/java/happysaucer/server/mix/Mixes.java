package happysaucer.server.mix;

import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.MixInPot;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.species.Species;
import happysaucer.core.species.Traits;
import happysaucer.server.advice.Books;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What each mix of the book does in a pot: water and air by height. */
@Service
class Mixes {
  /** A round pot of the trade: its base and its depth, of its width. */
  private static final double BASE = 0.76;

  private static final double DEPTH = 0.92;

  /** Pages of a mix or an ingredient draw it in a pot of this width, mm. */
  static final double DRAWN_MM = 170;

  private static final double NARROWEST = 50;
  private static final double WIDEST = 1200;
  private static final double LOWEST = 40;

  /** So much mix must stand over a coarse layer, mm. */
  private static final double LEAST_OVER = 30;

  /** Of which a coarse layer is made. */
  private static final String COARSE = "GRIT";

  /** So many substitutes are offered for one part. */
  private static final int OFFERED = 3;

  /** From this air entry on, 1/cm, grains drain at once; sand does not (rule of thumb). */
  private static final double GRAINS_ALPHA = 0.5;

  private static final String PEAT = "PEAT";
  private static final String COIR = "COIR";

  private final Books books;
  private final MixRoom room;

  Mixes(Books books, MixRoom room) {
    this.books = books;
    this.room = room;
  }

  /**
   * @param parts of the whole recipe
   */
  record PartView(String ingredient, String label, double parts) {}

  /**
   * @param fromMm above the floor of the pot
   * @param water share of volume
   * @param air share of volume
   * @param coarse it is the layer under the mix
   */
  record LayerView(double fromMm, double toMm, double water, double air, boolean coarse) {}

  /**
   * @param lifeMonths after which it is spent
   * @param charged with feed
   * @param peat it holds some
   * @param capacity water held after draining, share of volume
   * @param airFilled air after draining, share of volume
   * @param dryGrams of a litre
   * @param wetGrams of a litre that has drained
   * @param fit to the kind that is asked about; null where none is
   * @param choice of that kind: BEST, ACCEPTABLE or OTHER; null where none is asked about
   * @param measured by bucket tests of this recipe, not estimated from its parts
   * @param centsPerLitre of what it is made of, as it is bought; null where a price is not known
   * @param stockLitres that stand mixed; null where nobody counted
   * @param withoutPeat what it becomes; null where it holds none
   */
  record MixView(
      String code,
      String label,
      String reason,
      List<PartView> parts,
      int lifeMonths,
      boolean charged,
      boolean peat,
      boolean reservoir,
      double capacity,
      double airFilled,
      double dryGrams,
      double wetGrams,
      List<LayerView> layers,
      MixInPot.@Nullable Fit fit,
      @Nullable Choice choice,
      boolean measured,
      @Nullable Double centsPerLitre,
      @Nullable Double stockLitres,
      @Nullable WithoutPeat withoutPeat) {}

  /**
   * The same recipe with coir in place of peat.
   *
   * @param airFilled air after draining, share of volume
   * @param days between waterings, of those with peat: the water that roots can draw from either
   */
  record WithoutPeat(double airFilled, double days, MixInPot.@Nullable Fit fit) {}

  /**
   * One ingredient in place of another that is out of stock.
   *
   * @param airFilled air after draining with it, share of volume
   */
  record Substitute(
      String missing,
      String missingLabel,
      String instead,
      String insteadLabel,
      double airFilled,
      double capacity,
      MixInPot.@Nullable Fit fit,
      @Nullable Double stockLitres) {}

  enum Choice {
    BEST,
    ACCEPTABLE,
    OTHER
  }

  record IngredientView(
      String code,
      String label,
      double saturated,
      double dryGrams,
      boolean coarse,
      boolean dust,
      String remark,
      boolean measured) {}

  /**
   * @param litres of the pot, filled
   * @param airFrom of the kind that is asked about, share of volume; null where none is
   */
  record MixesView(
      double topMm,
      double heightMm,
      double coarseMm,
      double litres,
      @Nullable String species,
      @Nullable Double airFrom,
      @Nullable Double airTo,
      List<MixView> mixes,
      List<IngredientView> ingredients) {}

  /**
   * @param heightMm inside depth; null for the usual one of that width
   * @param species any of its names; null for none
   */
  MixesView in(double topMm, @Nullable Double heightMm, double coarseMm, @Nullable String species) {
    double height = height(topMm, heightMm);
    check("coarseMm", coarseMm, 0, height - LEAST_OVER);
    MediumTable media = books.team().book().media();
    Optional<Traits> traits = traits(species);
    Frustum pot = Frustum.round(topMm, topMm * BASE, height);
    Map<String, Double> stock = room.stock(MixRoom.Kind.MIX);
    Map<String, Double> cents = room.centsPerLitre();
    List<MixView> mixes = new ArrayList<>();
    for (Mix mix : media.mixes()) {
      MixInPot in =
          MixInPot.of(
              media, mix, pot, coarseMm, media.ingredient(COARSE).orElseThrow().retention());
      mixes.add(
          view(
              in,
              traits,
              mix.perLitre(cents),
              stock.get(mix.code()),
              withoutPeat(media, mix, pot, coarseMm, traits)));
    }
    mixes.sort(
        Comparator.comparing((MixView mix) -> mix.choice() == null ? 0 : mix.choice().ordinal())
            .thenComparing(mix -> mix.fit() == null ? 0 : mix.fit().ordinal()));
    return new MixesView(
        topMm,
        height,
        coarseMm,
        pot.litres(),
        species,
        traits.map(Traits::afpFrom).orElse(null),
        traits.map(Traits::afpTo).orElse(null),
        mixes,
        media.ingredients().stream().map(Mixes::view).toList());
  }

  /** Of a pot of the trade of that width, mm. */
  static double depth(double topMm) {
    return topMm * DEPTH;
  }

  static MixInPot drawn(MediumTable media, Mix mix) {
    return MixInPot.of(
        media, mix, Frustum.round(DRAWN_MM, DRAWN_MM * BASE, depth(DRAWN_MM)), 0, mix.estimate());
  }

  static List<LayerView> layers(MixInPot in) {
    return in.layers().stream()
        .map(
            layer ->
                new LayerView(
                    layer.fromMm(), layer.toMm(), layer.water(), layer.air(), layer.coarse()))
        .toList();
  }

  private static double height(double topMm, @Nullable Double heightMm) {
    check("topMm", topMm, NARROWEST, WIDEST);
    double height = heightMm == null ? depth(topMm) : heightMm;
    check("heightMm", height, LOWEST, WIDEST);
    return height;
  }

  private static @Nullable WithoutPeat withoutPeat(
      MediumTable media, Mix mix, Frustum pot, double coarseMm, Optional<Traits> traits) {
    if (!mix.peat()) {
      return null;
    }
    Retention grit = media.ingredient(COARSE).orElseThrow().retention();
    MixInPot with = MixInPot.of(media, mix, pot, coarseMm, grit);
    MixInPot without = MixInPot.of(media, media.peatFree(mix), pot, coarseMm, grit);
    return new WithoutPeat(
        without.airFilled(),
        without.availableShare(media) / with.availableShare(media),
        traits.map(without::fit).orElse(null));
  }

  /** What may stand in for each part of a mix, the nearest in air first. */
  List<Substitute> substitutes(
      String code, double topMm, @Nullable Double heightMm, @Nullable String species) {
    MediumTable media = books.team().book().media();
    Mix mix = media.mix(code).orElseThrow(() -> new NotFoundException("There is no such mix."));
    Frustum pot = Frustum.round(topMm, topMm * BASE, height(topMm, heightMm));
    Optional<Traits> traits = traits(species);
    Map<String, Double> stock = room.stock(MixRoom.Kind.INGREDIENT);
    double before = media.retention(mix).airFilled(pot);
    // what a bucket test said of the mix as it is holds for it with another part, too
    double measured = before - mix.estimate().airFilled(pot);
    List<Substitute> offered = new ArrayList<>();
    for (Mix.Part part : mix.parts()) {
      Ingredient missing = part.ingredient();
      List<Substitute> own = new ArrayList<>();
      for (Ingredient other : media.ingredients()) {
        if (!other.code().equals(missing.code()) && alike(missing, other)) {
          MixInPot in =
              MixInPot.of(
                  media,
                  media.replace(mix, missing.code(), other.code()),
                  pot,
                  0,
                  missing.retention());
          own.add(
              new Substitute(
                  missing.code(),
                  missing.label(),
                  other.code(),
                  other.label(),
                  in.airFilled() + measured,
                  in.capacity(),
                  traits.map(in::fit).orElse(null),
                  stock.get(other.code())));
        }
      }
      own.sort(Comparator.comparingDouble(one -> Math.abs(one.airFilled() - before)));
      own.stream().limit(OFFERED).forEach(offered::add);
    }
    return offered;
  }

  /** Grains that drain for each other; peat and coir for each other. */
  private static boolean alike(Ingredient missing, Ingredient other) {
    boolean fibres =
        missing.code().equals(PEAT) && other.code().equals(COIR)
            || missing.code().equals(COIR) && other.code().equals(PEAT);
    return fibres || drains(missing) && drains(other);
  }

  private static boolean drains(Ingredient one) {
    return one.coarse() && one.alphaPerCm() >= GRAINS_ALPHA;
  }

  private Optional<Traits> traits(@Nullable String species) {
    if (species == null || species.isBlank()) {
      return Optional.empty();
    }
    Optional<Species> known = books.team().book().species().find(species.trim());
    if (known.isEmpty()) {
      throw InputException.of("species", "Not in the book. Give one of its names.", species);
    }
    return known.map(Species::traits);
  }

  private static void check(String field, double given, double least, double most) {
    if (!(given >= least && given <= most)) {
      throw InputException.of(
          field,
          "Must be between " + Math.round(least) + " and " + Math.round(most) + " mm.",
          given);
    }
  }

  private static MixView view(
      MixInPot in,
      Optional<Traits> traits,
      OptionalDouble cents,
      @Nullable Double stock,
      @Nullable WithoutPeat withoutPeat) {
    Mix mix = in.mix();
    return new MixView(
        mix.code(),
        mix.label(),
        mix.reason(),
        mix.parts().stream()
            .map(
                part ->
                    new PartView(part.ingredient().code(), part.ingredient().label(), part.parts()))
            .toList(),
        mix.lifeMonths(),
        mix.charged(),
        mix.peat(),
        mix.reservoir(),
        in.capacity(),
        in.airFilled(),
        mix.dryGramsPerLitre(),
        in.wetGramsPerLitre(),
        layers(in),
        traits.map(in::fit).orElse(null),
        traits.map(kind -> choice(kind, mix)).orElse(null),
        mix.measured().isPresent(),
        cents.isEmpty() ? null : cents.getAsDouble(),
        stock,
        withoutPeat);
  }

  private static Choice choice(Traits kind, Mix mix) {
    if (kind.bestMix().equals(mix.code())) {
      return Choice.BEST;
    }
    return kind.acceptableMixes().contains(mix.code()) ? Choice.ACCEPTABLE : Choice.OTHER;
  }

  private static IngredientView view(Ingredient one) {
    return new IngredientView(
        one.code(),
        one.label(),
        one.saturated(),
        one.dryGramsPerLitre(),
        one.coarse(),
        one.dust(),
        one.remark(),
        one.measured());
  }
}
