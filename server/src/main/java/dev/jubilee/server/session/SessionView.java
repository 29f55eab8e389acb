package dev.jubilee.server.session;

import java.util.List;
import java.util.UUID;

/**
 * A session with what is prescribed for it.
 *
 * @param warmUps one for each athlete who has a prescription
 */
public record SessionView(UUID id, long version, SessionDetails details, List<WarmUp> warmUps) {

  /**
   * A warm-up small enough to draw on the day's clock.
   *
   * @param seconds length; it ends at the session's start
   * @param steps effort over time, in order
   * @param slipped minutes by which its start is later than the session's
   */
  public record WarmUp(
      UUID prescriptionId, UUID athleteId, int seconds, List<Step> steps, int slipped) {}

  /**
   * A stretch of constant effort.
   *
   * @param effort 0 to 100
   */
  public record Step(int seconds, int effort) {}
}
