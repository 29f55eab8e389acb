package dev.jubilee.core.intensity;

/** Straight lines between given points, level beyond the ends. */
final class Curve {
  private Curve() {}

  static double at(double x, double[] xs, double[] ys) {
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
