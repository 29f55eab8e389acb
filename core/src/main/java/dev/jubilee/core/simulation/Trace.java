package dev.jubilee.core.simulation;

/**
 * The body second by second; 0 is the beginning of the warm-up, {@link #seconds()} the start. All
 * are model values.
 */
public final class Trace {
  final double[] muscle;
  final double[] uptake;
  final double[] heart;
  final double[] reserve;
  final double[] fatigue;

  Trace(int seconds) {
    muscle = new double[seconds + 1];
    uptake = new double[seconds + 1];
    heart = new double[seconds + 1];
    reserve = new double[seconds + 1];
    fatigue = new double[seconds + 1];
  }

  /** A longer trace that begins as this one does; the rest is to be filled in. */
  Trace thenUpTo(int seconds) {
    Trace longer = new Trace(seconds);
    int known = muscle.length;
    System.arraycopy(muscle, 0, longer.muscle, 0, known);
    System.arraycopy(uptake, 0, longer.uptake, 0, known);
    System.arraycopy(heart, 0, longer.heart, 0, known);
    System.arraycopy(reserve, 0, longer.reserve, 0, known);
    System.arraycopy(fatigue, 0, longer.fatigue, 0, known);
    return longer;
  }

  public int seconds() {
    return muscle.length - 1;
  }

  /** Muscle temperature above that of rest in mild air, °C. */
  public double muscle(int second) {
    return muscle[second];
  }

  /** Oxygen uptake as a share of its maximum, 0 to 1. */
  public double uptake(int second) {
    return uptake[second];
  }

  /** Share of heart-rate reserve, 0 to 1. */
  public double heart(int second) {
    return heart[second];
  }

  /**
   * What is left of W′ or D′, 0 to 1. At 0 it is empty, and the plan asks for more than there is.
   */
  public double reserve(int second) {
    return reserve[second];
  }

  /** What contacts and hard efforts have left behind, 0 to 1. */
  public double fatigue(int second) {
    return fatigue[second];
  }

  /** How fresh, 0 to 1: what is left of the reserve, less what lingers. */
  public double freshness(int second) {
    return Math.max(0, reserve[second] - fatigue[second]);
  }
}
