package dev.jubilee.core.selection;

/**
 * Diminishing returns: of the drills that serve a need, the strongest counts in full, the second at
 * three eighths, the third at one eighth, the others not at all. The figures are a Jubilee
 * modelling choice; they follow {@code 1 − e^(−c/2)} for drills of strength two.
 *
 * <p>Eighths, so that everything stays a whole number.
 */
public final class Returns {
  private static final int[] EIGHTHS = {8, 3, 1};

  /** A need served by three drills of the greatest strength, 3. */
  private static final double FULL = 3 * 12;

  private Returns() {}

  /** How many drills count for one need. */
  public static int ranks() {
    return EIGHTHS.length;
  }

  /**
   * What the drill of a rank counts, in eighths.
   *
   * @param rank 0 for the strongest
   */
  public static int eighths(int rank) {
    return rank < EIGHTHS.length ? EIGHTHS[rank] : 0;
  }

  /**
   * How well a need is served, 0 to 1.
   *
   * @param strengths of all drills that serve it, 0 to 3 each, the strongest first
   */
  public static double share(double... strengths) {
    double sum = 0;
    for (int rank = 0; rank < strengths.length; rank++) {
      sum += eighths(rank) * strengths[rank];
    }
    return sum / FULL;
  }
}
