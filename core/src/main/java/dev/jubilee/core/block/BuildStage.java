package dev.jubilee.core.block;

import java.util.List;

/**
 * How high a build goes and in how many efforts, by stage; each is one change from the one before.
 * Common practice: lower early, higher and more specific later; the figures are a Jubilee modelling
 * choice.
 *
 * @param top most share of top speed or power
 * @param efforts more or fewer than usual
 */
public record BuildStage(double top, int efforts) {
  /** All as usual. */
  static final BuildStage USUAL = new BuildStage(1, 0);

  /** Before sessions that ask for top speed. */
  static final List<BuildStage> TO_TOP_SPEED =
      List.of(
          new BuildStage(0.90, -1),
          new BuildStage(0.90, 0),
          new BuildStage(0.95, 0),
          USUAL,
          new BuildStage(1, 1));

  /** Before all others: they are led up to as they begin, early in a block as well as late. */
  static final List<BuildStage> TO_SESSION_PACE =
      List.of(new BuildStage(1, -1), USUAL, new BuildStage(1, 1));

  String words(boolean toTopSpeed) {
    String count =
        efforts == 0 ? "the usual efforts" : efforts < 0 ? "one effort less" : "one effort more";
    return toTopSpeed ? count + ", sprints up to " + Math.round(100 * top) + " %" : count;
  }
}
