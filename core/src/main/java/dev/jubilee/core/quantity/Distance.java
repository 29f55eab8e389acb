package dev.jubilee.core.quantity;

import java.math.BigDecimal;

/**
 * A length on the ground, the track or the water.
 *
 * @param metres zero or more
 */
public record Distance(double metres) implements Comparable<Distance> {

  /** Units coaches mix freely; each is an exact number of metres by definition. */
  public enum Unit {
    METRE("1"),
    /** International yard and pound agreement, 1959: exactly 0.9144 m. */
    YARD("0.9144"),
    /** A third of a yard: exactly 0.3048 m. */
    FOOT("0.3048"),
    KILOMETRE("1000"),
    /** 1760 yards. */
    MILE("1609.344");

    private final BigDecimal metres;

    Unit(String metres) {
      this.metres = new BigDecimal(metres);
    }

    /** How many metres one is, exactly as far as a double goes. */
    public double metres() {
      return metres.doubleValue();
    }
  }

  public Distance {
    if (!(metres >= 0) || Double.isInfinite(metres)) {
      throw new OutOfRangeException("distance", metres + " m", "0 m or more");
    }
  }

  public static Distance of(double amount, Unit unit) {
    return new Distance(BigDecimal.valueOf(amount).multiply(unit.metres).doubleValue());
  }

  public static Distance ofMetres(double metres) {
    return new Distance(metres);
  }

  public Distance times(double factor) {
    return new Distance(metres * factor);
  }

  /** Down the lane and home again. */
  public Distance thereAndBack() {
    return times(2);
  }

  @Override
  public int compareTo(Distance other) {
    return Double.compare(metres, other.metres);
  }
}
