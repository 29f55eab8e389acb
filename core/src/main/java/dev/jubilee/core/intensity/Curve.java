package dev.jubilee.core.intensity;

/** Straight lines between given points, level beyond the ends. */
public final class Curve {
  private Curve() {}

  /**
   * The value at {@code x}.
   *
   * @param xs in rising order
   * @param ys the values there, as many
   */
  public static double at(double x, double[] xs, double[] ys) {
    if (x <= xs[0]) {
      return ys[0];
    }
    for (int i = 1; i < xs.length; i++) {
      if (x <= xs[i]) {
        return ys[i - 1] + (x - xs[i - 1]) / (xs[i] - xs[i - 1]) * (ys[i] - ys[i - 1]);
      }
    }
    return ys[ys.length - 1];
  }
}
