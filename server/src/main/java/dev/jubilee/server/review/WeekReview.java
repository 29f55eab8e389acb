package dev.jubilee.server.review;

import dev.jubilee.core.learning.OwnTimes;
import dev.jubilee.core.logbook.Happening.SkipReason;
import dev.jubilee.core.sport.BodyRegion;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A club's week, looked back on.
 *
 * @param sessions that took place
 * @param prescribed warm-ups that were written for them
 * @param recorded of these, how many are on record
 * @param skipped what was left out, the most often first
 * @param athletes each who had a session
 * @param times drills that take the club another time than ours, over twelve weeks
 * @param changeovers what its changeovers are against ours; absent where too few were seen
 */
public record WeekReview(
    LocalDate from,
    LocalDate until,
    int sessions,
    int prescribed,
    int recorded,
    List<Skipped> skipped,
    List<AthleteWeekView> athletes,
    List<OwnTimeView> times,
    @Schema(nullable = true) OwnChangeoversView changeovers) {

  /** A drill that somebody left out. */
  public record Skipped(
      UUID athleteId, String athlete, String drill, SkipReason reason, int times) {}

  /**
   * An athlete's week.
   *
   * @param felt median, 1 to 5; absent where nobody told it
   * @param over s by which drills ran over what was planned, in all
   * @param sore places that were told or marked
   * @param hasCheckedIn whether they ever did before a session of the week
   */
  public record AthleteWeekView(
      UUID athleteId,
      String name,
      int sessions,
      int recorded,
      @Schema(nullable = true) Double felt,
      int over,
      List<BodyRegion> sore,
      boolean hasCheckedIn) {}

  /**
   * How long a drill takes the club; see {@link OwnTimes}.
   *
   * @param planned our time on average, s
   * @param isUsed whether plans are made with it
   */
  public record OwnTimeView(
      String drill,
      String name,
      int times,
      int planned,
      double factor,
      double low,
      double high,
      boolean isWorthwhile,
      boolean isUsed) {}

  /**
   * How long the club takes from drill to drill; see {@link OwnTimes.OwnChangeovers}.
   *
   * @param warmUps in how many it was seen
   * @param planned our time in a warm-up on average, s
   * @param isUsed whether plans are made with it
   */
  public record OwnChangeoversView(
      int warmUps,
      int planned,
      double factor,
      double low,
      double high,
      boolean isWorthwhile,
      boolean isUsed) {}
}
