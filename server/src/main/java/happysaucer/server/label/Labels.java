package happysaucer.server.label;

import happysaucer.core.unit.Length;
import happysaucer.core.unit.Units;
import happysaucer.server.label.LabelMapper.LabelRow;
import happysaucer.server.problem.InputException;
import happysaucer.server.qr.LabelCode;
import happysaucer.server.qr.LabelKind;
import happysaucer.server.sheet.LabelSheet;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What labels are printed for. */
@Service
class Labels {
  static final int MOST = 600;

  private final LabelMapper mapper;

  Labels(LabelMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * @param site only of this one; not for pots
   * @param of only this plant, spot or pot; plants of this spot
   * @param address the code leads to, like http://10.0.0.4:8080
   */
  List<LabelSheet.Label> of(
      LabelKind kind, @Nullable UUID site, @Nullable UUID of, String address, Units units) {
    List<LabelRow> rows =
        switch (kind) {
          case PLANT -> mapper.plants(site, of, MOST + 1);
          case SPOT -> mapper.spots(site, of, MOST + 1);
          case POT -> mapper.pots(of, MOST + 1);
        };
    if (rows.isEmpty()) {
      throw InputException.of("kind", "There is nothing of this to label here.", kind);
    }
    if (rows.size() > MOST) {
      throw InputException.of(
          "site", "More than " + MOST + " labels at once. Choose a site.", rows.size());
    }
    return rows.stream()
        .map(
            row ->
                new LabelSheet.Label(
                    address + new LabelCode(kind, row.id()).path(),
                    row.mark(),
                    row.name(),
                    kind == LabelKind.POT
                        ? Length.ofMm(Double.parseDouble(row.place())).text(units)
                        : row.place()))
        .toList();
  }
}
