package dev.jubilee.core.intensity;

import java.util.stream.DoubleStream;

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

  /** The natural logarithms of values above 0: for a curve over lengths of seconds to hours. */
  public static double[] logs(double... values) {
    return DoubleStream.of(values).map(Math::log).toArray();
  }
}
