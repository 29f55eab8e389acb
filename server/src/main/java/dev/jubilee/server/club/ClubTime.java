package dev.jubilee.server.club;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What time it is where a club is. */
@Component
public class ClubTime {
  private final ClubRepository clubs;
  private final Clock clock;

  ClubTime(ClubRepository clubs, Clock clock) {
    this.clubs = clubs;
    this.clock = clock;
  }

  /** The club's time zone. */
  public ZoneId zone(UUID clubId) {
    return clubs.findById(clubId).orElseThrow().zone();
  }

  /** The present moment, the same everywhere. */
  public Instant instant() {
    return clock.instant();
  }

  /** The date where the club is. */
  public LocalDate today(UUID clubId) {
    return LocalDate.now(clock.withZone(zone(clubId)));
  }

  /** The date and time of day where the club is. */
  public LocalDateTime now(UUID clubId) {
    return LocalDateTime.now(clock.withZone(zone(clubId)));
  }
}
