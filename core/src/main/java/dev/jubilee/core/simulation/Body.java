package dev.jubilee.core.simulation;

import dev.jubilee.core.athlete.Physique;
import io.soabase.recordbuilder.core.RecordBuilder;

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
 * @param heartLag time constant of heart rate, s
 * @param heartLevel how far the heart rises for the same work, 1 for the usual
 */
@RecordBuilder
public record Body(
    double warming,
    double cooling,
    double rise,
    double uptake,
    double heartLag,
    double heartLevel) {
  public static final Body USUAL =
      BodyBuilder.builder()
          .warming(240)
          .cooling(1300)
          .rise(3.6)
          .uptake(30)
          .heartLag(Physique.USUAL_LAG)
          .heartLevel(1)
          .build();
  public static final Body SLOW =
      BodyBuilder.builder()
          .warming(300)
          .cooling(1000)
          .rise(3.2)
          .uptake(40)
          .heartLag(Physique.USUAL_LAG)
          .heartLevel(1)
          .build();
  public static final Body QUICK =
      BodyBuilder.builder()
          .warming(190)
          .cooling(1700)
          .rise(4.0)
          .uptake(22)
          .heartLag(Physique.USUAL_LAG)
          .heartLevel(1)
          .build();

  /** Four of five bodies are between the ends: so many standard deviations to either side. */
  private static final double ENDS = 1.2816;

  /** The body that warm-ups have shown; what they do not show is usual. */
  public static Body of(Physique physique) {
    return USUAL.like(physique, physique.warming());
  }

  /** The slow end of what it may be. */
  public static Body slow(Physique physique) {
    double end = physique.warming() * Math.exp(ENDS * physique.spread());
    return physique.moments() == 0
        ? SLOW.like(physique, 1)
        : SLOW.like(physique, end * USUAL.warming / SLOW.warming);
  }

  /** The quick end. */
  public static Body quick(Physique physique) {
    double end = physique.warming() * Math.exp(-ENDS * physique.spread());
    return physique.moments() == 0
        ? QUICK.like(physique, 1)
        : QUICK.like(physique, end * USUAL.warming / QUICK.warming);
  }

  private Body like(Physique physique, double share) {
    return BodyBuilder.builder(this)
        .warming(share * warming)
        .heartLag(physique.heartLag())
        .heartLevel(physique.heartLevel())
        .build();
  }

  /** Oxygen uptake at critical intensity as a share of the maximum; common practice. */
  static final double UPTAKE_AT_CRITICAL = 0.87;

  /** Thigh muscle at rest in mild air, °C (Saltin et al. 1968, from memory). */
  static final double RESTING_MUSCLE = 35;

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
    double colder = Math.max(-10, Ambient.MILD - (inWater ? air.water() : air.felt()));
    double through = air.layers() && !inWater ? THROUGH_LAYERS : 1;
    // Beyond critical intensity efforts are short: their heat is bounded, not their cost.
    return rise * Math.min(1.3, cost) - DRAWN_DOWN * colder * through;
  }

  /** Time constant with which muscle cools, s. */
  double cooling(Ambient air, boolean inWater) {
    double colder = Math.max(0, Ambient.MILD - (inWater ? air.water() : air.felt()));
    double through = air.layers() && !inWater ? THROUGH_LAYERS : 1;
    double layered = air.layers() && !inWater ? 1 + THROUGH_LAYERS / 2 : 1;
    return cooling * layered / (1 + QUICKER * colder * through);
  }
}
