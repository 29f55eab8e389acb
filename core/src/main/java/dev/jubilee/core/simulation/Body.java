package dev.jubilee.core.simulation;

/**
 * How a body answers to load. Where sources give a range, {@link #USUAL} is within it and {@link
 * #SLOW} and {@link #QUICK} stand for its ends; what is not in a source is a Jubilee modelling
 * choice.
 *
 * @param warming time constant of muscle temperature rising, s: it "rises fast in the first 3 to 5
 *     min and levels at 10 to 20" (Saltin, Gagge &amp; Stolwijk 1968)
 * @param cooling time constant of muscle temperature falling in mild air, s: much is lost over 15
 *     to 20 min of rest (Bishop 2003), about 2 °C in 15 (Mohr et al. 2004)
 * @param rise muscle temperature above rest at critical intensity, °C: about 3 at 70 to 75 % of
 *     maximal oxygen uptake (Saltin et al. 1968)
 * @param uptake primary time constant of oxygen uptake, s: 20 to 40 (Burnley, Doust &amp; Jones
 *     2005)
 */
public record Body(double warming, double cooling, double rise, double uptake) {
  public static final Body USUAL = new Body(240, 1300, 3.6, 30);
  public static final Body SLOW = new Body(300, 1000, 3.2, 40);
  public static final Body QUICK = new Body(190, 1700, 4.0, 22);

  /** Oxygen uptake at critical intensity as a share of the maximum; common practice. */
  static final double UPTAKE_AT_CRITICAL = 0.87;

  /** Thigh muscle at rest in mild air, °C (Saltin et al. 1968, from memory). */
  static final double RESTING_MUSCLE = 35;

  /** Time constant of heart rate, s; Jubilee modelling choice. */
  static final double HEART = 40;

  /** Ambient in which nothing is gained or lost by it, °C; Jubilee modelling choice. */
  static final int MILD = 20;

  /** How far cold air draws the level down, °C a °C; Jubilee modelling choice. */
  private static final double DRAWN_DOWN = 0.02;

  /** How much quicker one cools for each °C below mild; Jubilee modelling choice. */
  private static final double QUICKER = 0.015;

  /**
   * What warm layers leave of both (slower loss: Faulkner et al. 2013); the figure is our choice.
   */
  private static final double THROUGH_LAYERS = 0.5;

  /** Muscle temperature above that of rest in mild air to which a steady cost leads, °C. */
  double level(double cost, Ambient air, boolean inWater) {
    double colder = Math.max(-10, MILD - (inWater ? air.water() : air.felt()));
    double through = air.layers() && !inWater ? THROUGH_LAYERS : 1;
    // Beyond critical intensity efforts are short: their heat is bounded, not their cost.
    return rise * Math.min(1.3, cost) - DRAWN_DOWN * colder * through;
  }

  /** Time constant with which muscle cools, s. */
  double cooling(Ambient air, boolean inWater) {
    double colder = Math.max(0, MILD - (inWater ? air.water() : air.felt()));
    double through = air.layers() && !inWater ? THROUGH_LAYERS : 1;
    double layered = air.layers() && !inWater ? 1 + THROUGH_LAYERS / 2 : 1;
    return cooling * layered / (1 + QUICKER * colder * through);
  }
}
