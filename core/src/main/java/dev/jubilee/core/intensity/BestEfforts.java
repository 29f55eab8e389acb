package dev.jubilee.core.intensity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * What an athlete is known to have held, and for how long: what can be held is drawn through these,
 * and between them as the model bends.
 */
public final class BestEfforts {
  /** Nothing known beside the model. */
  public static final BestEfforts NONE = new BestEfforts(List.of());

  /** So short that only the sprint itself counts, s. */
  private static final double SPRINT = 3;

  /**
   * The best over one length.
   *
   * @param seconds that it was held for, above 0
   * @param intensity W or m/s, above 0
   */
  public record Best(double seconds, double intensity) {}

  /**
   * @param usual what the model says of that length
   * @param share that was held of it
   */
  private record Knot(double seconds, double intensity, double usual, double share) {}

  private final List<Knot> knots;

  private BestEfforts(List<Knot> knots) {
    this.knots = List.copyOf(knots);
  }

  /**
   * The bests of one athlete against a model of theirs. What was held for longer can be held for
   * less, whatever the shorter result says.
   *
   * @param top maximal sprint, W or m/s
   * @param usual what the model says of so many seconds
   */
  static BestEfforts of(List<Best> bests, double top, DoubleUnaryOperator usual) {
    List<Best> longestFirst =
        bests.stream().sorted(Comparator.comparingDouble(Best::seconds).reversed()).toList();
    List<Knot> knots = new ArrayList<>();
    double held = 0;
    for (Best best : longestFirst) {
      held = Math.min(top, Math.max(held, best.intensity()));
      boolean isSameLength = !knots.isEmpty() && knots.get(0).seconds() == best.seconds();
      if (isSameLength) {
        knots.remove(0);
      }
      double expected = usual.applyAsDouble(best.seconds());
      knots.add(0, new Knot(best.seconds(), held, expected, held / expected));
    }
    return new BestEfforts(knots);
  }

  /** The same of a movement that takes so many times as long over any distance. */
  /** The same lengths of time at a multiple of the intensity. */
  BestEfforts times(double factor) {
    return new BestEfforts(
        knots.stream()
            .map(k -> new Knot(k.seconds(), factor * k.intensity(), factor * k.usual(), k.share()))
            .toList());
  }

  BestEfforts slowerBy(double times) {
    return new BestEfforts(
        knots.stream()
            .map(
                k ->
                    new Knot(
                        k.seconds() * times, k.intensity() / times, k.usual() / times, k.share()))
            .toList());
  }

  /**
   * What can be held.
   *
   * @param seconds above 0
   * @param usual what the model says of it
   */
  double held(double seconds, double usual) {
    if (knots.isEmpty()) {
      return usual;
    }
    int next = 0;
    while (next < knots.size() && knots.get(next).seconds() < seconds) {
      next++;
    }
    if (next == knots.size()) {
      Knot last = knots.get(next - 1);
      return Math.min(last.intensity(), usual * last.share());
    }
    Knot after = knots.get(next);
    if (next == 0) {
      double share = Math.min(1, between(seconds, SPRINT, 1, after.seconds(), after.share()));
      return Math.max(after.intensity(), usual * share);
    }
    Knot before = knots.get(next - 1);
    double fall = before.usual() - after.usual();
    double left = fall > 0 ? Math.max(0, Math.min(1, (usual - after.usual()) / fall)) : 0;
    return after.intensity() + left * (before.intensity() - after.intensity());
  }

  /** In straight lines over the logarithm of the length. */
  private static double between(double x, double x0, double y0, double x1, double y1) {
    return x <= x0 ? y0 : y0 + (y1 - y0) * Math.log(x / x0) / Math.log(x1 / x0);
  }
}
