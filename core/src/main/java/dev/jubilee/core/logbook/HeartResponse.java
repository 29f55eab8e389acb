package dev.jubilee.core.logbook;

import java.util.List;

/**
 * How far an athlete's heart rises for the same work, against what the model expects of the average
 * body: one factor on what lies above the rate at the beginning. It is learned from pairs of
 * readings by Bayes' rule, prior and noise both normal (our choice, see the constants): a few
 * readings move it a little, a whole warm-up a lot.
 *
 * @param factor 1 for the average body, 0.6 to 1.6
 */
public record HeartResponse(double factor) {
  /** As far as bodies are known to differ, one standard deviation; our choice. */
  private static final double BODIES_DIFFER = 0.15;

  /** What a reading is off the model by for other reasons, beats/min; our choice. */
  private static final double NOISE = 6;

  /** Readings closer than this say the same twice, s. */
  private static final int APART = 30;

  private static final double LEAST = 0.6;
  private static final double MOST = 1.6;

  /** Nothing was measured. */
  public static final HeartResponse AVERAGE = new HeartResponse(1);

  /**
   * A reading and what was expected then, beats/min.
   *
   * @param second since the beginning
   */
  public record Pair(int second, int measured, int expected) {}

  /**
   * What readings tell.
   *
   * @param base beats/min expected at the beginning
   */
  public static HeartResponse of(List<Pair> pairs, int base) {
    double prior = 1 / (BODIES_DIFFER * BODIES_DIFFER);
    double weight = prior;
    double sum = prior;
    double noise = 1 / (NOISE * NOISE);
    int last = -APART;
    for (Pair pair : pairs) {
      double share = Math.min(1, (double) (pair.second() - last) / APART);
      last = pair.second();
      double rise = pair.expected() - base;
      weight += share * noise * rise * rise;
      sum += share * noise * rise * (pair.measured() - base);
    }
    return new HeartResponse(Math.max(LEAST, Math.min(MOST, sum / weight)));
  }

  /**
   * What is expected of this athlete where that much is of the average body, beats/min.
   *
   * @param base beats/min expected at the beginning
   */
  public int expected(int average, int base) {
    return (int) Math.round(base + factor * (average - base));
  }
}
