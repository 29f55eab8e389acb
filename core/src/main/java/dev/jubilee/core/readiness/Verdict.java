package dev.jubilee.core.readiness;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * The state an athlete will be in at the start, as far as a model can say.
 *
 * @param warmth muscle temperature above rest, °C, in halves
 * @param warmthLow the same for a body that warms slowly and cools quickly
 * @param warmthHigh the same for one that warms quickly and cools slowly
 * @param wanted what the session wants, °C
 * @param isWarm whether that is enough
 * @param freshness 0 to 100
 * @param isFresh whether that is enough
 * @param isRehearsed whether the build has been where the session begins
 * @param window when the athlete is ready, if at all
 * @param topUp what to do before a start that slips beyond the window, if the session wants it
 * @param sentences the verdict in words, the most important first
 */
@RecordBuilder
public record Verdict(
    double warmth,
    double warmthLow,
    double warmthHigh,
    double wanted,
    boolean isWarm,
    int freshness,
    boolean isFresh,
    boolean isRehearsed,
    Optional<Window> window,
    Optional<TopUp> topUp,
    List<String> sentences) {

  /**
   * Starts at which the athlete is warm and fresh enough, standing about after the warm-up.
   *
   * @param from s after the planned start; negative before it
   * @param to s after the planned start, at most {@link Readiness#LOOK_AHEAD}
   */
  public record Window(int from, int to) {}

  /**
   * Easy movement that makes up for a long wait.
   *
   * @param seconds of easy movement
   * @param before s from its end to the new start
   */
  public record TopUp(int seconds, int before) {}
}
