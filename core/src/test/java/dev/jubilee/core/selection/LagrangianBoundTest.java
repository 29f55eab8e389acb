package dev.jubilee.core.selection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No bound is ever below the best that can still come: else the search would miss it. */
class LagrangianBoundTest {
  private static final double ROUNDING = 0.001;

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2})
  void boundsHoldForEveryPartialChoice(int hundred) {
    for (int seed = 100 * hundred; seed < 100 * (hundred + 1); seed++) {
      Menu menu = SmallMenus.of(seed);
      PartialChoice tables = new PartialChoice(menu);
      LagrangianBound prices = new LagrangianBound(tables);
      prices.startFrom(GreedyStart.of(tables, List.of()));
      List<Offer> chosen = new ArrayList<>(tables.required);
      int[][] open = tables.groups;
      Random random = new Random(seed);
      while (true) {
        int[][] fitting = fitting(tables, open);
        if (fitting.length == 0) {
          break;
        }
        check(menu, tables, prices, chosen, fitting);
        int[] group = fitting[random.nextInt(fitting.length)];
        int next = group[random.nextInt(group.length)];
        tables.add(next);
        chosen.add(tables.free.get(next));
        open = Arrays.stream(fitting).filter(g -> g != group).toArray(int[][]::new);
      }
    }
  }

  private static void check(
      Menu menu, PartialChoice tables, LagrangianBound prices, List<Offer> chosen, int[][] open) {
    long best = completion(menu, tables, chosen, open, List.of());
    assertThat(prices.boundByGains(open)).isGreaterThanOrEqualTo(best - ROUNDING);
    for (int steps : new int[] {1, 5, 40}) {
      double bound = prices.improve(open, steps, (double) best, 1.2);
      assertThat(bound).isGreaterThanOrEqualTo(best - ROUNDING);
      assertThat(prices.boundInSeconds(open, bound, bound - 1))
          .isGreaterThanOrEqualTo(best - ROUNDING);
      for (int[] group : open) {
        for (int i : group) {
          long with = completion(menu, tables, chosen, open, List.of(tables.free.get(i)));
          assertThat(bound - prices.fall(group, i)).isGreaterThanOrEqualTo(with - ROUNDING);
        }
      }
    }
  }

  /** The best that can be made of a partial choice with the open offers. */
  private static long completion(
      Menu menu, PartialChoice tables, List<Offer> chosen, int[][] open, List<Offer> with) {
    List<Offer> offers = new ArrayList<>(chosen);
    for (int[] group : open) {
      for (int i : group) {
        offers.add(tables.free.get(i));
      }
    }
    Menu rest = MenuBuilder.builder(menu).offers(offers).build();
    List<Offer> all = new ArrayList<>(chosen);
    all.addAll(with);
    return SmallMenus.best(rest, all);
  }

  private static int[][] fitting(PartialChoice tables, int[][] open) {
    return Arrays.stream(open)
        .map(g -> Arrays.stream(g).filter(tables::fits).toArray())
        .filter(g -> g.length > 0)
        .toArray(int[][]::new);
  }
}
