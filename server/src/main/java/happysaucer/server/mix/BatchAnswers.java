package happysaucer.server.mix;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What travels between batches and their screens and sheets. */
public final class BatchAnswers {
  private BatchAnswers() {}

  /**
   * What is to be mixed for.
   *
   * @param crewId whose load it is; null for everybody's
   * @param jobs these and no others, whenever they are; null for all of the days
   * @param reuse old medium that may be used again stands in for some of it
   */
  public record Wanted(
      LocalDate from,
      LocalDate to,
      @Nullable UUID crewId,
      @Nullable List<UUID> jobs,
      boolean reuse) {
    /** As it is asked for by an address. */
    public static Wanted of(
        LocalDate from,
        LocalDate to,
        @Nullable UUID crewId,
        @Nullable List<UUID> jobs,
        @Nullable Boolean reuse) {
      return new Wanted(
          from,
          to,
          crewId,
          jobs == null || jobs.isEmpty() ? null : jobs,
          Boolean.TRUE.equals(reuse));
    }
  }

  /**
   * @param litres that it needs of the mix, allowances included
   * @param reusable of those, that may be old medium
   * @param batch in which it is mixed already; null for none
   */
  public record BatchJob(
      UUID jobId,
      UUID plantId,
      String label,
      String commonName,
      String siteName,
      LocalDate plannedOn,
      String mix,
      String mixLabel,
      double litres,
      double reusable,
      @Nullable Integer batch) {}

  /**
   * @param litres by the recipe
   * @param measures of the mix's unit, whole
   * @param measuredLitres in those
   * @param share of the mix by the recipe
   * @param measuredShare as it is measured
   */
  public record BatchPart(
      String code,
      String label,
      double litres,
      int measures,
      double measuredLitres,
      double share,
      double measuredShare,
      boolean dampFirst,
      boolean dust) {}

  /**
   * @param readyLitres that stand mixed and are nobody's
   * @param unitLitres of one measure: a scoop, or a quarter of one
   * @param error by which a share is off the recipe at most
   * @param parts in the order of mixing
   */
  public record BatchMix(
      String code,
      String label,
      double neededLitres,
      double reusedLitres,
      double readyLitres,
      double litres,
      double measuredLitres,
      double unitLitres,
      double error,
      double grams,
      List<BatchPart> parts) {}

  /**
   * One ingredient of the whole batch.
   *
   * @param litres that it takes
   * @param stockLitres null where nobody counted
   * @param shortLitres that are wanting
   * @param bags to buy; null where nobody said how it is bought
   * @param bagsCents what those cost
   * @param cents what the litres cost
   */
  public record Buying(
      String code,
      String label,
      double litres,
      @Nullable Double stockLitres,
      double shortLitres,
      @Nullable Double bagLitres,
      @Nullable Integer bags,
      @Nullable Integer bagsCents,
      @Nullable Integer cents,
      String supplier) {}

  /**
   * @param cents what the litres cost, as far as priced
   * @param priced everything of it has a price
   * @param dusty something in it makes dust that harms lungs
   */
  public record BatchPlan(
      LocalDate from,
      LocalDate to,
      List<BatchJob> jobs,
      List<BatchMix> mixes,
      List<Buying> ingredients,
      double kg,
      int cents,
      boolean priced,
      String currency,
      double scoopLitres,
      double bucketLitres,
      boolean dusty) {}

  /**
   * @param confirmed more is taken of an ingredient than stands there by the books
   */
  public record BatchRequest(
      @NotNull(message = "Give the first day.") LocalDate from,
      @NotNull(message = "Give the last day.") LocalDate to,
      @Nullable UUID crewId,
      @NotNull(message = "Send the list of jobs.")
          @Size(min = 1, max = 500, message = "1 to 500 jobs.")
          List<@NotNull(message = "A job is missing here.") UUID> jobs,
      @NotNull(message = "Say whether old medium is used again.") Boolean reuse,
      @NotNull(message = "Say whether to go below the stock on the books.") Boolean confirmed,
      @NotNull(message = "Send a note, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note) {}

  /**
   * @param left litres that stand there still
   */
  public record MixedView(
      String mix, String label, double needed, double litres, double left, String recipe) {}

  public record MadeBatch(
      UUID id, int number, LocalDate madeOn, String note, String who, List<MixedView> mixes) {}

  /**
   * @param doneOn null while the work is to be done
   */
  public record BatchPlant(
      UUID jobId,
      UUID plantId,
      String label,
      String commonName,
      String siteName,
      String mix,
      double litres,
      @Nullable LocalDate doneOn) {}

  /**
   * @param lot null where it was of none
   */
  public record UsedLot(
      String code, String label, @Nullable String lot, @Nullable LocalDate cameOn, double litres) {}

  /** A batch with what went in and who got of it. */
  public record BatchView(MadeBatch batch, List<BatchPlant> plants, List<UsedLot> ingredients) {}
}
