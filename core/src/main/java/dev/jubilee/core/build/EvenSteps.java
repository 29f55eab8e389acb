package dev.jubilee.core.build;

import java.util.function.DoubleUnaryOperator;

/** Steps of equal height. */
final class EvenSteps {
  /** How far up a step that stands alone is, so that it is not all at once. */
  private static final double ALONE = 0.5;

  /** Neighbours are no further apart, points on the scale of effort; common practice. */
  static final double LEAP = 15;

  /** So finely the lowest step is looked for. */
  private static final int FINE = 20;

  private EvenSteps() {}

  /**
   * The height of one of the steps.
   *
   * @param i which one, from 0
   * @param count how many there are, 1 or more; one alone stays a little below the top
   */
  static double between(double low, double high, int i, int count) {
    return count == 1 ? low + ALONE * (high - low) : low + (high - low) * i / (count - 1);
  }

  /**
   * The lowest step from which so many even ones lead up without a leap.
   *
   * @param usual where they begin else, above 0
   * @param points on the scale of effort, of a height
   */
  static double lowest(double usual, double high, int count, DoubleUnaryOperator points) {
    double low = usual;
    while (low < high && leap(low, high, count, points) > LEAP) {
      low += (high - usual) / FINE;
    }
    return Math.min(low, high);
  }

  private static double leap(double low, double high, int count, DoubleUnaryOperator points) {
    double most = 0;
    for (int i = 1; i < count; i++) {
      double up = points.applyAsDouble(between(low, high, i, count));
      most = Math.max(most, up - points.applyAsDouble(between(low, high, i - 1, count)));
    }
    return most;
  }

  /** How high so many steps can lead without a leap, points; the first no higher than given. */
  static double reached(double highestFirst, int count) {
    return highestFirst + LEAP * (count - 1);
  }

  /** Up to whole five seconds. */
  static int toFive(int seconds) {
    return (seconds + 4) / 5 * 5;
  }
}
