package dev.jubilee.core.athlete;

import dev.jubilee.core.quantity.Bounds;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How an athlete's body answers to a warm-up, as far as earlier ones have shown it.
 *
 * @param warming how long their muscles take to warm, as a share of the usual, {@value #LEAST} to
 *     {@value #MOST}
 * @param spread how far off that may be, standard deviation of its logarithm
 * @param heartLag time constant of their heart rate, s, {@value #LEAST_LAG} to {@value #MOST_LAG}
 * @param heartLevel how far their heart rises for the same work, as a share of the usual, 0.6 to
 *     1.6
 * @param moments how often it was seen when their jacket came off
 * @param sooner of these, how often that was before the usual body's would have
 * @param jacketOff when it usually came off, s after the beginning; 0 where it never did
 */
@RecordBuilder
public record Physique(
    double warming,
    double spread,
    double heartLag,
    double heartLevel,
    int moments,
    int sooner,
    int jacketOff) {
  public static final double LEAST = 0.2;
  public static final double MOST = 5;
  public static final int LEAST_LAG = 15;
  public static final int MOST_LAG = 100;

  /**
   * How far bodies differ in warming: the ends of the range in Saltin et al. (1968), 190 and 300 s,
   * hold four of five; standard deviation of the logarithm.
   */
  public static final double BODIES_DIFFER = 0.178;

  /** Time constant of heart rate, s; Jubilee modelling choice. */
  public static final int USUAL_LAG = 40;

  /** Of whom nothing was seen yet. */
  public static final Physique USUAL =
      PhysiqueBuilder.builder()
          .warming(1)
          .spread(BODIES_DIFFER)
          .heartLag(USUAL_LAG)
          .heartLevel(1)
          .moments(0)
          .sooner(0)
          .jacketOff(0)
          .build();

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field and what would be
   *     accepted
   */
  public Physique {
    Bounds.within("warming", warming, LEAST, MOST, "of the usual");
    Bounds.within("spread", spread, 0, 1, "");
    Bounds.within("heartLag", heartLag, LEAST_LAG, MOST_LAG, "s");
    Bounds.within("heartLevel", heartLevel, 0.6, 1.6, "of the usual");
    Bounds.within("moments", moments, 0, 100_000, "");
    Bounds.within("sooner", sooner, 0, moments, "");
    Bounds.within("jacketOff", jacketOff, 0, 36_000, "s");
  }

  /** Whose muscles take another time to warm. */
  public Physique withWarming(double other) {
    return PhysiqueBuilder.builder(this).warming(other).build();
  }
}
