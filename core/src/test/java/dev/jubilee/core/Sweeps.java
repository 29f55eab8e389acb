package dev.jubilee.core;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How much of a sweep is tried: a quarter in a usual run, the same each time, and all of it with
 * {@code -Djubilee.sweeps=full}.
 */
public final class Sweeps {
  /** One in so many is tried in a usual run. */
  private static final int ONE_IN = 4;

  private Sweeps() {}

  public static boolean areFull() {
    return "full".equals(System.getProperty("jubilee.sweeps"));
  }

  /** Parcels of a sweep, so that a failure is short and the processors share the work. */
  public static Stream<Integer> parcels(int all) {
    return IntStream.range(0, areFull() ? all : Math.max(1, all / ONE_IN)).boxed();
  }

  /** Those of a list that are tried, from all over it. */
  public static <T> List<T> some(List<T> all) {
    return areFull()
        ? all
        : IntStream.range(0, all.size()).filter(i -> i % ONE_IN == 0).mapToObj(all::get).toList();
  }
}
