package dev.jubilee.core.quantity;

import java.time.Duration;
import java.util.Locale;

/** Guards for values that people type: they pass through unchanged or name what is accepted. */
public final class Bounds {
  private Bounds() {}

  /** Returns {@code value} when it lies in {@code [min, max]}. */
  public static int within(String field, int value, int min, int max, String unit) {
    if (value < min || value > max) {
      throw new OutOfRangeException(field, value + " " + unit, min + " to " + max + " " + unit);
    }
    return value;
  }

  /** Returns {@code value} when it lies in {@code [min, max]}; NaN does not. */
  public static double within(String field, double value, double min, double max, String unit) {
    if (!(value >= min && value <= max)) {
      throw new OutOfRangeException(
          field, plain(value) + " " + unit, plain(min) + " to " + plain(max) + " " + unit);
    }
    return value;
  }

  /** Returns {@code value} when it lies in {@code [min, max]}. */
  public static Duration within(String field, Duration value, Duration min, Duration max) {
    if (value.compareTo(min) < 0 || value.compareTo(max) > 0) {
      throw new OutOfRangeException(field, clock(value), clock(min) + " to " + clock(max));
    }
    return value;
  }

  /** Whole seconds as a stopwatch shows them. */
  public static String clock(int seconds) {
    return clock(Duration.ofSeconds(seconds));
  }

  /** A duration as a stopwatch shows it: {@code 7:05} or {@code 1:31:35}. */
  public static String clock(Duration duration) {
    long s = Math.round(duration.toMillis() / 1000.0);
    return s < 3600
        ? String.format(Locale.ROOT, "%d:%02d", s / 60, s % 60)
        : String.format(Locale.ROOT, "%d:%02d:%02d", s / 3600, s / 60 % 60, s % 60);
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.2f", value);
  }
}
