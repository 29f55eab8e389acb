package dev.jubilee.server.club;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.problem.Limits;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;

/**
 * What holds for all of a club.
 *
 * @param name 1 to 80 characters
 * @param timeZone a zone of the tz database, such as Europe/Dublin
 * @param weekStart the first day of its training weeks
 */
public record ClubSettings(
    @NotBlank(message = Limits.NAME_ACCEPTED)
        @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
        String name,
    @NotBlank(message = ClubSettings.ZONE_ACCEPTED)
        @Size(min = 1, max = 60, message = ClubSettings.ZONE_ACCEPTED)
        String timeZone,
    @NotNull HourCycle hourCycle,
    @NotNull Measures measures,
    @NotNull WeekStart weekStart) {

  static final String ZONE_ACCEPTED = "a time zone such as Europe/Dublin";

  /**
   * Refuses what the annotations cannot.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public void check() {
    if (!ZoneId.getAvailableZoneIds().contains(timeZone)) {
      throw new OutOfRangeException("timeZone", timeZone, ZONE_ACCEPTED);
    }
  }
}
