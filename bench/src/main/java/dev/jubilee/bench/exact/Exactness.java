package dev.jubilee.bench.exact;

import dev.jubilee.core.selection.Choice;
import dev.jubilee.core.selection.ExactChoice;
import dev.jubilee.core.selection.Menu;
import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;

/** Compares our choice with independent exact solvers: the same points, and in what time. */
public final class Exactness {
  private Exactness() {}

  /**
   * What came of a comparison.
   *
   * @param menus how many were solved by both
   * @param equal of them with the same points
   * @param ours median time of ours, ns
   * @param theirs median time of the oracle, ns
   * @param ratio of the whole time, theirs to ours
   * @param longest of ours, ns
   */
  public record Comparison(
      int menus, int equal, long ours, long theirs, double ratio, long longest) {}

  /** Solves each menu by both, ours and the oracle's. */
  public static Comparison compare(List<Menu> menus, Oracle oracle) {
    int equal = 0;
    long[] ours = new long[menus.size()];
    long[] theirs = new long[menus.size()];
    for (int i = 0; i < menus.size(); i++) {
      Menu menu = menus.get(i);
      long start = System.nanoTime();
      Choice choice = ExactChoice.of(menu);
      ours[i] = System.nanoTime() - start;
      start = System.nanoTime();
      long best = oracle.bestPoints(menu);
      theirs[i] = System.nanoTime() - start;
      boolean sound =
          choice.proven()
              && menu.allows(choice.offers())
              && menu.points(choice.offers()) == choice.points();
      equal += sound && best == choice.points() ? 1 : 0;
    }
    double ratio = (double) LongStream.of(theirs).sum() / LongStream.of(ours).sum();
    Arrays.sort(ours);
    Arrays.sort(theirs);
    int middle = menus.size() / 2;
    return new Comparison(
        menus.size(), equal, ours[middle], theirs[middle], ratio, ours[ours.length - 1]);
  }

  /** Random menus with seeds from 1. */
  public static List<Menu> random(int count, int drills) {
    return LongStream.rangeClosed(1, count)
        .mapToObj(seed -> RandomMenus.menu(seed, 4 + (int) (seed % (drills - 3))))
        .toList();
  }

  public static void main(String[] arguments) {
    List<Menu> real = RealMenus.menus();
    // Once unmeasured, so that what is measured is compiled.
    real.forEach(ExactChoice::of);
    print("random menus, CP-SAT", compare(random(1000, 40), new CpSatOracle()));
    print("small random menus, choco-solver", compare(random(1000, 9), new ChocoOracle()));
    print("menus of real requests, CP-SAT", compare(real, new CpSatOracle()));
  }

  private static void print(String what, Comparison c) {
    System.out.printf(
        "%-34s %d of %d equal; ours median %.2f ms, longest %.1f ms; theirs median %.1f ms; %.0f"
            + " times faster in all%n",
        what, c.equal(), c.menus(), c.ours() / 1e6, c.longest() / 1e6, c.theirs() / 1e6, c.ratio());
  }
}
