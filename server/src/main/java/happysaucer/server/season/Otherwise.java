package happysaucer.server.season;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is otherwise in a question what if.
 *
 * @param hands so many more people, with a van and every skill
 * @param minutes of theirs a day, Mondays to Fridays
 * @param closed sites that are not gone to between those days; null for none
 * @param allClosed no site is gone to: all work is on the bench
 */
record Otherwise(
    @NotNull(message = "Give the first day.") LocalDate fromOn,
    @NotNull(message = "Give the last day.") LocalDate toOn,
    @NotNull(message = "Say how many more people, 0 for none.")
        @Min(value = 0, message = "0 to 2 people.")
        @Max(value = 2, message = "0 to 2 people.")
        Integer hands,
    @NotNull(message = "Give their minutes a day.")
        @Min(value = 0, message = "0 to 720 minutes.")
        @Max(value = 720, message = "0 to 720 minutes.")
        Integer minutes,
    @Nullable @Size(max = 200, message = "At most 200 sites.") List<UUID> closed,
    @NotNull(message = "Say whether no site is gone to.") Boolean allClosed) {}
