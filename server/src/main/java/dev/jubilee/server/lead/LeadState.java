package dev.jubilee.server.lead;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.UUID;

/**
 * Where a warm-up that is led stands. All of it is absolute, so that whoever missed some of the
 * changes needs only the last.
 *
 * @param leadId tells one time of leading from the next
 * @param number counts the changes, from 1
 * @param device the one that leads
 * @param zero when the first step began or would have, ms since the epoch by the server's clock;
 *     null while the clock stands
 * @param heldMillis where the clock stands while it does, ms from the first step
 * @param added seconds that were added to each step
 */
public record LeadState(
    @NotNull UUID leadId,
    int number,
    @NotNull UUID device,
    @Schema(nullable = true) Long zero,
    int heldMillis,
    @NotNull @Size(max = LeadState.MOST_STEPS) List<@NotNull Integer> added,
    boolean isEnded) {

  static final int MOST_STEPS = 200;
  private static final int MOST_ADDED = 3600;
  private static final Duration FAR = Duration.ofHours(12);

  /** Nothing has begun yet. */
  static LeadState begun(UUID leadId, UUID device, int steps) {
    return new LeadState(leadId, 1, device, null, 0, Collections.nCopies(steps, 0), false);
  }

  /**
   * Refuses what no warm-up can have come to.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  void check(int steps, Instant now) {
    Bounds.within("heldMillis", heldMillis, 0, (int) FAR.toMillis(), "ms");
    Bounds.within("added", added.size(), steps, steps, "figures, one a step");
    added.forEach(seconds -> Bounds.within("added", seconds, 0, MOST_ADDED, "s"));
    if (zero != null
        && Duration.between(Instant.ofEpochMilli(zero), now).abs().compareTo(FAR) > 0) {
      throw new OutOfRangeException("zero", zero + " ms", "ms since 1970, within 12 h of now");
    }
  }
}
