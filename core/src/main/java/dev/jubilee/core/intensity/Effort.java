package dev.jubilee.core.intensity;

import dev.jubilee.core.quantity.OutOfRangeException;

/**
 * How hard, on one scale for all sports: 0 is rest, {@value #CRITICAL} is critical speed or power,
 * 100 is a maximal sprint; linear in speed or power on either side of the critical intensity.
 *
 * <p>The scale and its knee at {@value #CRITICAL} are a Jubilee modelling choice. People are shown
 * paces, watts, splits, heart rates and perceived exertion instead.
 *
 * @param points 0 to 100
 */
public record Effort(double points) implements Comparable<Effort> {
  /** Where critical speed or power sits on the scale. */
  public static final double CRITICAL = 70;

  public static final Effort REST = new Effort(0);
  public static final Effort SPRINT = new Effort(100);

  /** Jogging back, paddling, easy spinning between efforts; common practice. */
  public static final Effort BETWEEN_EFFORTS = new Effort(28);

  public Effort {
    if (!(points >= 0 && points <= 100)) {
      throw new OutOfRangeException("effort", points, "0 to 100");
    }
  }

  public static Effort of(double points) {
    return new Effort(points);
  }

  /**
   * Perceived exertion on the category-ratio scale (Borg CR10), rounded to halves. The anchor
   * points are common practice: 2–3 talks freely, 6–7 near critical intensity, 10 all out.
   */
  public double perceivedExertion() {
    return Math.round(2 * Curve.at(points, EFFORT_KNOTS, CR10_KNOTS)) / 2.0;
  }

  /**
   * The effort that feels like a figure of the same scale, 0 to 10; inverse of the above.
   *
   * @throws OutOfRangeException outside these
   */
  public static Effort ofExertion(double exertion) {
    if (!(exertion >= 0 && exertion <= 10)) {
      throw new OutOfRangeException("exertion", exertion, "0 to 10");
    }
    return of(Curve.at(exertion, CR10_KNOTS, EFFORT_KNOTS));
  }

  public boolean isAbove(Effort other) {
    return points > other.points;
  }

  @Override
  public int compareTo(Effort other) {
    return Double.compare(points, other.points);
  }

  private static final double[] EFFORT_KNOTS = {0, 25, 42, 50, 60, 70, 80, 90, 100};
  private static final double[] CR10_KNOTS = {0, 1, 2, 3, 4.5, 6.5, 8, 9, 10};
}
