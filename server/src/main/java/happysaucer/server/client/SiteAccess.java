package happysaucer.server.client;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * How one gets to the plants of a site.
 *
 * @param days on which one gets in for work; none where those of the visits hold for it
 */
public record SiteAccess(
    @NotNull(message = "Say GROUND, LIFT or STAIRS.") Floors floors,
    @NotNull(message = "Give the minutes it takes to leave the van.")
        @Min(value = 0, message = "At least 0 minutes.")
        @Max(value = 120, message = "At most 120 minutes.")
        Integer parkingMinutes,
    @NotNull(message = "Send the days of work, none where those of the visits hold.")
        @Size(max = 7, message = "At most the seven days of a week.")
        List<VisitPlan.@Valid @NotNull(message = "A day is missing here.") VisitDay> days) {
  /** What lies between the door and the plants. */
  public enum Floors {
    GROUND,
    LIFT,
    STAIRS
  }
}
