package happysaucer.server.entry;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/** An entry as it is edited: all of its cells. */
public record EntryCells(@NotNull(message = "Send the cells by column.") List<Cell> cells) {}
