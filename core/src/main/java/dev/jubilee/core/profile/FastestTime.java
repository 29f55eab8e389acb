package dev.jubilee.core.profile;

import java.util.function.DoublePredicate;

/** Halves an interval until the least time is found in which a distance can be covered. */
final class FastestTime {
  private static final int HALVINGS = 60;

  private FastestTime() {}

  /**
   * The least time that is enough.
   *
   * @param fast s, too little
   * @param slow s, enough
   */
  static double between(double fast, double slow, DoublePredicate isEnough) {
    double tooLittle = fast;
    double enough = slow;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (tooLittle + enough) / 2;
      if (isEnough.test(middle)) {
        enough = middle;
      } else {
        tooLittle = middle;
      }
    }
    return enough;
  }
}
