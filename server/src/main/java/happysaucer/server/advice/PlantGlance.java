package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.round.Saucer;
import org.jspecify.annotations.Nullable;

/**
 * What a list shows of one plant.
 *
 * @param saucer state of the saucer under its pot
 * @param leftOut facts on record that were not counted, since the rules refuse them
 * @param waterLeft share of its water the model thinks is left, null when no watering is on record
 */
public record PlantGlance(
    StoredPlant plant,
    Advice.Call call,
    Advice.Forecast forecast,
    Saucer saucer,
    @Nullable Double waterLeft,
    int leftOut) {}
