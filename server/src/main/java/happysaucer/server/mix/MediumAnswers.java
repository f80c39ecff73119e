package happysaucer.server.mix;

import happysaucer.core.advice.Fault;
import happysaucer.server.advice.AdviceService.PlanChange;
import happysaucer.server.entry.Cell;
import happysaucer.server.exchange.Format;
import happysaucer.server.mix.BucketTests.BucketFit;
import happysaucer.server.mix.BucketTests.BucketTestView;
import happysaucer.server.mix.MixRoom.Kind;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What travels between the book of mixes and its screens. */
final class MediumAnswers {
  private MediumAnswers() {}

  /** Where a row comes from. */
  enum MediumOrigin {
    SHIPPED,
    EDITED,
    ADDED
  }

  /**
   * @param uses mixes that are made of the ingredient, or species that want the mix, by name
   * @param version 0 where the team has none of its own
   * @param fit what the bucket tests of a mix say; null for an ingredient and where there are none
   * @param layers water and air in a pot of that width and depth, from the floor upwards
   */
  record MediumPage(
      Kind kind,
      String code,
      String label,
      MediumOrigin origin,
      int version,
      @Nullable String who,
      List<Cell> cells,
      List<String> uses,
      int plants,
      List<BucketTestView> tests,
      @Nullable BucketFit fit,
      double topMm,
      double heightMm,
      double airFilled,
      List<Mixes.LayerView> layers) {}

  /**
   * What saving would change.
   *
   * @param inCare plants that stand in it or want it
   * @param asked of these, whose advice was made anew
   */
  record MediumEffect(
      List<Fault> faults, int inCare, int asked, int changed, List<PlanChange> changes) {}

  /**
   * @param save false for a dry run
   */
  record MediumImport(
      @NotNull(message = "Say INGREDIENT or MIX.") Kind kind,
      @NotNull(message = "Say CSV or JSON.") Format format,
      @NotBlank(message = "Send the entries.") String text,
      @NotNull(message = "Say whether to save, or only to try.") Boolean save) {}

  record MediumImportRow(int line, String code, boolean isNew, List<Fault> faults) {}

  record MediumImportView(
      List<Fault> faults, List<MediumImportRow> rows, MediumEffect effect, boolean saved) {}
}
