package happysaucer.core.book;

import happysaucer.core.finding.WeightTable;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.method.MethodTable;
import happysaucer.core.pot.Pot;
import happysaucer.core.sign.SignTable;
import happysaucer.core.species.SpeciesTable;
import java.util.List;

/**
 * All tables a team may edit.
 *
 * @param version changes with any table, so that a stored advice says what it was made with
 */
public record Book(
    String version,
    SpeciesTable species,
    SignTable signs,
    WeightTable weights,
    MediumTable media,
    List<Pot> tradeSizes,
    MethodTable methods) {}
