package dev.jubilee.core.build;

/** Steps of equal height. */
final class EvenSteps {
  /** How far up a step that stands alone is, so that it is not all at once. */
  private static final double ALONE = 0.7;

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

  /** Up to whole five seconds. */
  static int toFive(int seconds) {
    return (seconds + 4) / 5 * 5;
  }
}
