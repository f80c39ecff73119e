package happysaucer.server.mix;

import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.MixInPot;
import happysaucer.core.pot.Frustum;
import happysaucer.core.species.Species;
import happysaucer.core.species.Traits;
import happysaucer.server.advice.Books;
import happysaucer.server.problem.InputException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What each mix of the book does in a pot: water and air by height. */
@Service
class Mixes {
  /** A round pot of the trade: its base and its depth, of its width. */
  private static final double BASE = 0.76;

  private static final double DEPTH = 0.92;
  private static final double NARROWEST = 50;
  private static final double WIDEST = 1200;
  private static final double LOWEST = 40;

  /** So much mix must stand over a coarse layer, mm. */
  private static final double LEAST_OVER = 30;

  /** Of which a coarse layer is made. */
  private static final String COARSE = "GRIT";

  private final Books books;

  Mixes(Books books) {
    this.books = books;
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
      @Nullable Choice choice) {}

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
      String remark) {}

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
    check("topMm", topMm, NARROWEST, WIDEST);
    double height = heightMm == null ? topMm * DEPTH : heightMm;
    check("heightMm", height, LOWEST, WIDEST);
    check("coarseMm", coarseMm, 0, height - LEAST_OVER);
    MediumTable media = books.team().book().media();
    Optional<Traits> traits = traits(species);
    Frustum pot = Frustum.round(topMm, topMm * BASE, height);
    List<MixView> mixes = new ArrayList<>();
    for (Mix mix : media.mixes()) {
      MixInPot in =
          MixInPot.of(
              media, mix, pot, coarseMm, media.ingredient(COARSE).orElseThrow().retention());
      mixes.add(view(in, traits));
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

  private static MixView view(MixInPot in, Optional<Traits> traits) {
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
        in.layers().stream()
            .map(
                layer ->
                    new LayerView(
                        layer.fromMm(), layer.toMm(), layer.water(), layer.air(), layer.coarse()))
            .toList(),
        traits.map(in::fit).orElse(null),
        traits.map(kind -> choice(kind, mix)).orElse(null));
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
        one.remark());
  }
}
