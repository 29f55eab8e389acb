package dev.jubilee.core.intensity;

/**
 * How what can be held bends in a sport: at the sprint, where a long effort tires, and how cost
 * grows with speed.
 */
public enum SportCurve {
  /** The two-parameter model as it stands. */
  PLAIN(1, 0, Double.POSITIVE_INFINITY, 0),

  /**
   * Sprints fade over the anaerobic speed reserve (Bundle, Hoyt &amp; Weyand 2003); from 20 min on
   * time grows as distance to the power of 1.06 (Riegel 1981).
   */
  ON_FOOT(1, 0.013, 20 * 60, 0.06 / 1.06),

  /**
   * Sprints fade as in Weyand, Lin &amp; Bundle 2006; from an hour on speed falls as Riegel (1981)
   * found it among cyclists, 1.048, and power as its 2.8th power on the flat. From memory.
   */
  ON_A_BIKE(1, 0.026, 60 * 60, 2.8 * 0.048 / 1.048),

  /**
   * From an hour on a split rises by what rowers count on for each doubling of the distance, about
   * 4 %; power goes with the cube of speed. Common practice.
   */
  ON_THE_ROWING_MACHINE(1, 0, 60 * 60, 3 * 0.056),

  /**
   * Power against drag goes with the cube of speed (hydrodynamics); from half an hour on speed
   * falls as Riegel (1981) found it among swimmers, 1.03. From memory.
   */
  IN_WATER(3, 0, 30 * 60, 0.03 / 1.03);

  private final double steepness;
  private final double fading;
  private final double tiresFrom;
  private final double tiring;

  SportCurve(double steepness, double fading, double tiresFrom, double tiring) {
    this.steepness = steepness;
    this.fading = fading;
    this.tiresFrom = tiresFrom;
    this.tiring = tiring;
  }

  /**
   * How effort grows with intensity below critical: 1 where cost is in proportion (power; running
   * speed), more in water.
   */
  public double steepness() {
    return steepness;
  }

  /** How fast a sprint fades toward what aerobic power alone can do, 1/s; 0 where not known. */
  public double fading() {
    return fading;
  }

  /** Share of the model's intensity that is left after so many seconds, 1 where none tires yet. */
  public double shareLeft(double seconds) {
    return seconds <= tiresFrom ? 1 : Math.pow(seconds / tiresFrom, -tiring);
  }

  /** From where on less is left, s. */
  public double tiresFrom() {
    return tiresFrom;
  }
}
