package dev.jubilee.server.logbook;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.Happening.SkipReason;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.OffsetDateTime;
import java.util.List;

/**
 * What was really done of a warm-up, as its coach sees it; times as the club has them.
 *
 * @param begun when the clock was first started; null while nobody has begun
 * @param jacketOffSeconds how long after that there was a light sweat
 * @param waitedSeconds from the end of the warm-up to the first effort
 * @param felt how ready, 1 to 5
 * @param measured what sensors said, a figure every few seconds
 * @param heartFactor how far the heart rises for the same work, 1 for the average body; null where
 *     none was heard
 * @param looks what was seen and decided, in order
 */
public record FollowedView(
    @Schema(nullable = true) OffsetDateTime begun,
    @Schema(nullable = true) OffsetDateTime ended,
    @Schema(nullable = true) OffsetDateTime started,
    @Schema(nullable = true) Integer jacketOffSeconds,
    @Schema(nullable = true) Integer waitedSeconds,
    @Schema(nullable = true) Integer felt,
    @Schema(nullable = true) Integer bestEffort,
    int pausedSeconds,
    List<Measured> measured,
    @Schema(nullable = true) Double heartFactor,
    List<ItemDone> items,
    List<FollowingDevice> devices,
    List<LookedView> looks) {

  /** What was seen, by whom, and what was decided. */
  public record LookedView(OffsetDateTime at, boolean byCoach, LookInput look) {}

  /**
   * The mean of some seconds; 0 where no sensor said anything, and after the last.
   *
   * @param second since it was begun
   * @param heartRate beats/min
   * @param power W
   * @param expected beats/min that the model expects of this athlete then, moved by what was
   *     measured; 0 where it expects nothing
   */
  public record Measured(int second, int heartRate, int power, int expected) {}

  /**
   * One item of the plan that was followed.
   *
   * @param planned seconds
   * @param seconds that were done
   * @param drill name of what was done in its place
   */
  public record ItemDone(
      String id,
      WarmUpPart block,
      String name,
      int planned,
      State state,
      int seconds,
      @Schema(nullable = true) String drill,
      @Schema(nullable = true) SkipReason reason) {}

  /**
   * One of the devices that followed it.
   *
   * @param clockSeconds by how much its clock was wrong: above 0 where it was behind
   */
  public record FollowingDevice(
      int number, @Schema(nullable = true) OffsetDateTime begun, int clockSeconds, int itemsDone) {}
}
