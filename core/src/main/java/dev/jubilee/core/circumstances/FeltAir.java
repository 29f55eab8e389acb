package dev.jubilee.core.circumstances;

/** What air feels like on the skin, in cold wind and in damp heat. */
public final class FeltAir {
  /** Wind chill is defined up to this temperature, °C. */
  private static final int CHILL_BELOW = 10;

  /** and from this wind on, km/h. */
  private static final int CHILL_WIND = 5;

  /** The heat index is defined from 80 °F on; in whole °C. */
  private static final int HEAT_FROM = 27;

  /** From here on the US NWS warns of danger: heat index of 103 °F (from memory), in °C. */
  public static final int DANGEROUS = 39;

  /**
   * Heat index from which a warm-up is moved indoors, °C: even easy work is kept short from here on
   * (US NWS, from memory; to move it is common practice).
   */
  public static final int TOO_HOT = 41;

  /**
   * Below this wind chill it is moved indoors, °C; common practice, a little before skin freezes in
   * 10 to 30 min at −28 °C (Environment Canada, from memory).
   */
  public static final int TOO_COLD = -25;

  /*
   * The regression is adjusted below 13 % up to 112 °F, and above 85 % up to 87 °F (US NWS, from
   * memory); the published table ends at 137 °F.
   */
  private static final double DRY = 13;

  private static final double DRY_UNTIL = 112;
  private static final double DAMP = 85;
  private static final double DAMP_UNTIL = 87;
  private static final double HIGHEST = 137;

  private FeltAir() {}

  /**
   * Wind chill, °C: 13.12 + 0.6215 T − 11.37 v^0.16 + 0.3965 T v^0.16 (Environment Canada / US NWS
   * 2001); the air's own temperature above 10 °C or below 5 km/h.
   *
   * @param temperature °C
   * @param wind km/h
   */
  public static int inWind(int temperature, int wind) {
    if (temperature > CHILL_BELOW || wind < CHILL_WIND) {
      return temperature;
    }
    double v = Math.pow(wind, 0.16);
    return (int) Math.round(13.12 + 0.6215 * temperature - 11.37 * v + 0.3965 * temperature * v);
  }

  /**
   * Heat index, °C (Rothfusz regression, US NWS; coefficients from memory, checked against
   * published values), never above the end of its table; the air's own temperature below {@value
   * #HEAT_FROM} °C.
   *
   * @param temperature °C
   * @param humidity relative, %
   */
  public static int inHeat(int temperature, int humidity) {
    return temperature < HEAT_FROM
        ? temperature
        : (int) Math.round((heatIndex(1.8 * temperature + 32, humidity) - 32) / 1.8);
  }

  /** The same in °F, as it is published: the regression, adjusted for very dry and damp air. */
  static double heatIndex(double t, double r) {
    double adjusted = regression(t, r);
    if (r < DRY && t <= DRY_UNTIL) {
      adjusted -= (DRY - r) / 4 * Math.sqrt(Math.max(0, 17 - Math.abs(t - 95)) / 17);
    } else if (r > DAMP && t <= DAMP_UNTIL) {
      adjusted += (r - DAMP) / 10 * (DAMP_UNTIL - t) / 5;
    }
    return Math.min(HIGHEST, adjusted);
  }

  private static double regression(double t, double r) {
    return -42.379
        + 2.04901523 * t
        + 10.14333127 * r
        - 0.22475541 * t * r
        - 0.00683783 * t * t
        - 0.05481717 * r * r
        + 0.00122874 * t * t * r
        + 0.00085282 * t * r * r
        - 0.00000199 * t * t * r * r;
  }
}
