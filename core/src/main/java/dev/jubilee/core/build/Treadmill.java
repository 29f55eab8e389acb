package dev.jubilee.core.build;

/**
 * How fast and how steep a treadmill is set for an effort. A belt at 1 % takes as much as the flat
 * does outdoors (Jones &amp; Doust 1996, from memory); what is steeper is slower by {@link Slope}.
 *
 * @param speed of the belt, m/s
 * @param gradient %, {@value #LIKE_FLAT} to {@value #STEEPEST}
 */
record Treadmill(double speed, int gradient) {
  /** %; the belt brings no wind with it. */
  static final int LIKE_FLAT = 1;

  /** Treadmills go up to this, %, and m/s (20 km/h); common practice. */
  static final int STEEPEST = 15;

  static final double FASTEST = 20 / 3.6;

  /**
   * The belt for a speed of the flat: at the session's gradient, and steeper where it would be
   * faster than it may.
   *
   * @param flat what is run outdoors on the flat at this effort, m/s
   * @param gradient of the session, %; below {@value #LIKE_FLAT} it is as on the flat
   * @param fastest speed to be run on the belt, m/s
   */
  static Treadmill of(double flat, int gradient, double fastest) {
    double most = Math.min(FASTEST, fastest);
    int steep = Math.max(LIKE_FLAT, Math.min(STEEPEST, gradient));
    while (steep < STEEPEST && speed(flat, steep) > most) {
      steep++;
    }
    return new Treadmill(Math.min(most, speed(flat, steep)), steep);
  }

  private static double speed(double flat, int gradient) {
    return flat * Slope.times(LIKE_FLAT) / Slope.times(gradient);
  }

  /** What is run outdoors on the flat at the same effort, m/s. */
  double flat() {
    return speed * Slope.times(gradient) / Slope.times(LIKE_FLAT);
  }
}
