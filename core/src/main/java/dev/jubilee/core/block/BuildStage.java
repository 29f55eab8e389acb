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
  public static final List<BuildStage> ALL =
      List.of(
          new BuildStage(0.90, -1),
          new BuildStage(0.90, 0),
          new BuildStage(0.95, 0),
          new BuildStage(1, 0),
          new BuildStage(1, 1));

  /** All as usual. */
  public static final int USUAL = 3;

  String words() {
    String count =
        efforts == 0 ? "the usual efforts" : efforts < 0 ? "one effort less" : "one effort more";
    return count + ", up to " + Math.round(100 * top) + " %";
  }
}
