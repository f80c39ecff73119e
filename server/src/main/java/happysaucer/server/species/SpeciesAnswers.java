package happysaucer.server.species;

import happysaucer.core.advice.Fault;
import happysaucer.server.advice.AdviceService.CallChange;
import happysaucer.server.entry.Cell;
import happysaucer.server.exchange.Format;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What travels between the species book and its screens. */
final class SpeciesAnswers {
  private SpeciesAnswers() {}

  /** Where an entry comes from. */
  enum Origin {
    SHIPPED,
    EDITED,
    ADDED
  }

  record SpeciesLine(
      String name,
      List<String> commonNames,
      String group,
      String groupLabel,
      Origin origin,
      int plants,
      String remarks) {}

  record ColumnView(
      String key,
      String label,
      String kind,
      List<String> options,
      double least,
      double most,
      String unit,
      String use) {}

  record PassageView(String topic, List<String> sentences) {}

  /**
   * @param version of the team's own entry, 0 while the shipped one holds
   * @param cells as entered, empty where the group's value holds
   * @param groupCells the group's values
   * @param changed columns in which it differs from the shipped entry
   * @param kin other entries of the group
   */
  record SpeciesPage(
      String name,
      List<String> commonNames,
      List<String> synonyms,
      String group,
      String groupLabel,
      Origin origin,
      int version,
      @Nullable String editedBy,
      int plants,
      String remarks,
      List<PassageView> passages,
      List<Cell> cells,
      List<Cell> groupCells,
      List<String> changed,
      List<String> kin) {}

  record FormView(List<ColumnView> columns, List<GroupCells> groups, List<String> mixes) {}

  record GroupCells(String code, String label, List<Cell> cells) {}

  /**
   * What saving would change.
   *
   * @param inCare plants of these kinds
   * @param asked of these, whose calls were made anew
   * @param changes those whose call would be another, at most so many as are shown
   */
  record SpeciesEffect(
      List<Fault> faults, int inCare, int asked, int changed, List<CallChange> changes) {}

  /**
   * @param format CSV or JSON
   * @param save false for a dry run
   */
  record SpeciesImport(
      @NotNull(message = "Say CSV or JSON.") Format format,
      @NotBlank(message = "Send the entries.") String text,
      @NotNull(message = "Say whether to save, or only to try.") Boolean save) {}

  record ImportRow(int line, String name, boolean isNew, List<Fault> faults) {}

  record ImportView(
      List<Fault> faults, List<ImportRow> rows, SpeciesEffect effect, boolean saved) {}
}
