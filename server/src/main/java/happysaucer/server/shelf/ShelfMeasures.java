package happysaucer.server.shelf;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.advice.RefusedException;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.server.problem.InputException;
import happysaucer.server.shelf.Shelf.Kind;
import happysaucer.server.shelf.Shelf.ShelfPotRequest;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Measures of one make of pot: completed by the core's rules, compared, stored. */
final class ShelfMeasures {
  /** Two pots within this are of one make, mm. */
  private static final double ALIKE_MM = 3;

  static boolean alike(Pot a, Pot b) {
    return a.shape() == b.shape()
        && a.material() == b.material()
        && a.drainHoles() > 0 == b.drainHoles() > 0
        && Math.abs(a.topMm() - b.topMm()) <= ALIKE_MM
        && Math.abs(a.heightMm() - b.heightMm()) <= ALIKE_MM
        && Math.abs(a.inside().baseMm() - b.inside().baseMm()) <= ALIKE_MM
        && Math.abs(a.inside().topDepthMm() - b.inside().topDepthMm()) <= ALIKE_MM
        && Math.abs(a.mouthMm() - b.mouthMm()) <= ALIKE_MM;
  }

  private ShelfMeasures() {}

  static String plain(String code) {
    return code.toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** With every measure filled in, or refused at the fields of the form. */
  static ShelfPot completed(UUID id, ShelfPotRequest request) {
    boolean trough = request.shape() == Shape.TROUGH;
    AdviceRequest.Pot given =
        new AdviceRequest.Pot(
            null,
            request.shape().name(),
            request.material().name(),
            request.topMm(),
            request.baseMm(),
            trough ? request.topDepthMm() : null,
            trough ? request.baseDepthMm() : null,
            request.heightMm(),
            request.mouthMm(),
            request.footMm(),
            request.massG(),
            request.drainHoles(),
            false,
            request.feet(),
            request.wireHoles());
    try {
      return stored(
          id,
          request.name().trim(),
          request.kind(),
          Advise.pot(given),
          request.inStock(),
          request.lowAt(),
          request.priceCents(),
          request.note().trim(),
          request.place() == null ? "" : request.place().trim());
    } catch (RefusedException e) {
      throw new InputException(
          e.faults().stream()
              .map(
                  fault ->
                      new Fault(
                          fault.field().replaceFirst("^pot\\.", ""),
                          fault.message(),
                          fault.value()))
              .toList());
    }
  }

  static ShelfPot stored(
      UUID id,
      String name,
      Kind kind,
      Pot pot,
      int inStock,
      int lowAt,
      @Nullable Integer priceCents,
      String note,
      String place) {
    boolean trough = pot.shape() == Shape.TROUGH;
    return new ShelfPot(
        id,
        name,
        kind.name(),
        pot.shape().name(),
        pot.material().name(),
        pot.topMm(),
        pot.inside().baseMm(),
        trough ? pot.inside().topDepthMm() : null,
        trough ? pot.inside().baseDepthMm() : null,
        pot.heightMm(),
        pot.mouthMm() < pot.topMm() ? pot.mouthMm() : null,
        pot.footMm(),
        pot.massG(),
        pot.drainHoles(),
        pot.feet(),
        pot.wireHoles(),
        inStock,
        lowAt,
        priceCents,
        note,
        place,
        1,
        0);
  }
}
