package happysaucer.core.advice;

import happysaucer.core.casefile.Wish;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.pot.Frustum;
import happysaucer.core.root.Ball;
import happysaucer.core.root.RootCut;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Completes what a person wants done otherwise; what is not wished stays with the rules. */
final class WishCompletion {
  private static final double MOST_GAP = 300;
  private static final double MOST_RAISE = 100;
  private static final int MOST_PIECES = 12;

  private final Checks checks;
  private final MediumTable media;

  WishCompletion(Checks checks, MediumTable media) {
    this.checks = checks;
    this.media = media;
  }

  /**
   * @param ball null when it is faulty; then cuts are not checked against it
   * @param candidates ids of those of which one may be picked
   */
  Wish of(AdviceRequest.@Nullable Wish given, @Nullable Ball ball, List<String> candidates) {
    if (given == null) {
      return Wish.NONE;
    }
    return new Wish(
        cuts(given, ball),
        gaps(given),
        mix(given.mix()),
        given.raiseMm() == null
            ? OptionalDouble.empty()
            : OptionalDouble.of(
                checks.range("wish.raiseMm", given.raiseMm(), 0, MOST_RAISE, "mm", 0)),
        Optional.ofNullable(checks.code("wish.breakOut", given.breakOut(), Wish.BreakOut.class)),
        given.pieces() == null
            ? Wish.TWO
            : (int)
                checks.range("wish.pieces", given.pieces(), Wish.TWO, MOST_PIECES, "", Wish.TWO),
        picked(given.pot(), candidates));
  }

  private Optional<String> picked(@Nullable String id, List<String> candidates) {
    if (id != null && !candidates.contains(id)) {
      checks.fault(
          "wish.pot", "There is no such pot among the candidates. Pick one of theirs.", id);
    }
    return Optional.ofNullable(id);
  }

  private Optional<Wish.Cuts> cuts(AdviceRequest.Wish given, @Nullable Ball ball) {
    if ((given.baseSliceMm() == null && given.sideShaveMm() == null) || ball == null) {
      return Optional.empty();
    }
    Frustum body = ball.body();
    return Optional.of(
        new Wish.Cuts(
            given.baseSliceMm() == null
                ? 0
                : checks.range(
                    "wish.baseSliceMm",
                    given.baseSliceMm(),
                    0,
                    RootCut.MOST_SLICE * body.heightMm(),
                    "mm",
                    0),
            given.sideShaveMm() == null
                ? 0
                : checks.range(
                    "wish.sideShaveMm",
                    given.sideShaveMm(),
                    0,
                    RootCut.MOST_SHAVE * body.narrowestMm(),
                    "mm",
                    0)));
  }

  private Optional<Wish.Gaps> gaps(AdviceRequest.Wish given) {
    if (given.gapUnderMm() == null && given.gapAroundMm() == null) {
      return Optional.empty();
    }
    if (given.baseSliceMm() != null || given.sideShaveMm() != null) {
      checks.fault(
          "wish.gapUnderMm", "Give either the cuts or the gaps; one follows from the other.", null);
      return Optional.empty();
    }
    return Optional.of(
        new Wish.Gaps(
            gap("wish.gapUnderMm", given.gapUnderMm()),
            gap("wish.gapAroundMm", given.gapAroundMm())));
  }

  private double gap(String field, @Nullable Double given) {
    return given == null ? 0 : checks.range(field, given, 0, MOST_GAP, "mm", 0);
  }

  private Optional<Mix> mix(@Nullable String code) {
    if (code == null) {
      return Optional.empty();
    }
    Optional<Mix> mix = media.mix(code);
    if (mix.isEmpty()) {
      checks.fault(
          "wish.mix",
          "There is no such mix. Use one of: "
              + media.mixes().stream().map(Mix::code).collect(Collectors.joining(", "))
              + ".",
          code);
    }
    return mix;
  }
}
